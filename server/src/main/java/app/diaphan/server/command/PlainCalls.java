package app.diaphan.server.command;

import java.lang.classfile.ClassBuilder;
import java.lang.classfile.ClassElement;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassModel;
import java.lang.classfile.ClassTransform;
import java.lang.classfile.CodeBuilder;
import java.lang.classfile.CodeElement;
import java.lang.classfile.CodeModel;
import java.lang.classfile.Label;
import java.lang.classfile.MethodModel;
import java.lang.classfile.MethodTransform;
import java.lang.classfile.TypeKind;
import java.lang.classfile.instruction.InvokeDynamicInstruction;
import java.lang.constant.ClassDesc;
import java.lang.constant.ConstantDesc;
import java.lang.constant.ConstantDescs;
import java.lang.constant.DirectMethodHandleDesc;
import java.lang.constant.MethodTypeDesc;
import java.lang.reflect.AccessFlag;
import java.lang.runtime.ObjectMethods;
import java.lang.runtime.SwitchBootstraps;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Choices by type, and the comparisons of records, as plain code. The compiler leaves both to be
 * worked out at run time ({@link SwitchBootstraps}, {@link ObjectMethods}): by a class made for
 * each place, which Java 25 keeps in no cache, so that a command spent a tenth of its time on them.
 */
final class PlainCalls implements ClassTransform {
  private static final ClassDesc SWITCHES = described(SwitchBootstraps.class);
  private static final ClassDesc RECORDS = described(ObjectMethods.class);
  private static final ClassDesc OBJECTS = described(Objects.class);

  private final ClassDesc type;
  private final boolean ofInterface;
  private final List<Choice> choices = new ArrayList<>();

  /** A choice among types, which a method of its own makes. */
  private record Choice(String name, MethodTypeDesc call, List<ClassDesc> types) {}

  private PlainCalls(ClassModel model) {
    type = model.thisClass().asSymbol();
    ofInterface = model.flags().has(AccessFlag.INTERFACE);
  }

  /** The same class with plain code in place of what is worked out at run time, if it has some. */
  static Optional<byte[]> in(ClassFile files, ClassModel model) {
    boolean some =
        model.methods().stream()
            .flatMap(method -> method.code().stream())
            .flatMap(CodeModel::elementStream)
            .anyMatch(
                element -> element instanceof InvokeDynamicInstruction call && isReplaced(call));
    return some
        ? Optional.of(files.transformClass(model, new PlainCalls(model)))
        : Optional.empty();
  }

  private static boolean isReplaced(InvokeDynamicInstruction call) {
    return byTypes(call) || compares(call, "equals") || compares(call, "hashCode");
  }

  @Override
  public void accept(ClassBuilder builder, ClassElement element) {
    if (element instanceof MethodModel method) {
      builder.transformMethod(method, MethodTransform.transformingCode(this::instead));
    } else {
      builder.with(element);
    }
  }

  @Override
  public void atEnd(ClassBuilder builder) {
    for (Choice choice : choices) {
      builder.withMethodBody(
          choice.name(),
          choice.call(),
          ClassFile.ACC_PRIVATE | ClassFile.ACC_STATIC | ClassFile.ACC_SYNTHETIC,
          code -> choose(code, choice.types()));
    }
  }

  private void instead(CodeBuilder code, CodeElement element) {
    if (!(element instanceof InvokeDynamicInstruction call)) {
      code.with(element);
      return;
    }
    if (byTypes(call)) {
      Choice choice =
          new Choice(
              "choice$" + choices.size(),
              call.typeSymbol(),
              call.bootstrapArgs().stream().map(ClassDesc.class::cast).toList());
      choices.add(choice);
      code.invokestatic(type, choice.name(), choice.call(), ofInterface);
    } else if (compares(call, "equals")) {
      equal(code, parts(call));
    } else if (compares(call, "hashCode")) {
      hash(code, parts(call));
    } else {
      code.with(element);
    }
  }

  /** Choices among enum constants, numbers and words stay as they are. */
  private static boolean byTypes(InvokeDynamicInstruction call) {
    return call.bootstrapMethod().owner().equals(SWITCHES)
        && call.bootstrapMethod().methodName().equals("typeSwitch")
        && call.bootstrapArgs().stream().allMatch(ClassDesc.class::isInstance);
  }

  private static boolean compares(InvokeDynamicInstruction call, String method) {
    return call.bootstrapMethod().owner().equals(RECORDS)
        && call.name().stringValue().equals(method);
  }

  /** As {@link SwitchBootstraps#typeSwitch} says: which of the types it is, from the second on. */
  private static void choose(CodeBuilder code, List<ClassDesc> types) {
    Label some = code.newLabel();
    code.aload(0).ifnonnull(some).iconst_m1().ireturn().labelBinding(some);
    for (int i = 0; i < types.size(); i++) {
      Label next = code.newLabel();
      code.iload(1).loadConstant(i).if_icmpgt(next);
      code.aload(0).instanceOf(types.get(i)).ifeq(next);
      code.loadConstant(i).ireturn().labelBinding(next);
    }
    code.loadConstant(types.size()).ireturn();
  }

  /** The fields of a record, in order; the first two arguments are its class and their names. */
  private static List<DirectMethodHandleDesc> parts(InvokeDynamicInstruction call) {
    List<ConstantDesc> arguments = call.bootstrapArgs();
    return arguments.subList(2, arguments.size()).stream()
        .map(DirectMethodHandleDesc.class::cast)
        .toList();
  }

  /** Leaves whether the two on the stack are equal. */
  private void equal(CodeBuilder code, List<DirectMethodHandleDesc> parts) {
    int other = code.allocateLocal(TypeKind.REFERENCE);
    int mine = code.allocateLocal(TypeKind.REFERENCE);
    Label differs = code.newLabel();
    Label end = code.newLabel();
    code.astore(other).astore(mine);
    code.aload(other).instanceOf(type).ifeq(differs);
    code.aload(other).checkcast(type).astore(other);
    for (DirectMethodHandleDesc part : parts) {
      ClassDesc kind = part.invocationType().returnType();
      code.aload(mine).getfield(type, part.methodName(), kind);
      code.aload(other).getfield(type, part.methodName(), kind);
      switch (TypeKind.from(kind)) {
        case REFERENCE ->
            code.invokestatic(
                    OBJECTS,
                    "equals",
                    MethodTypeDesc.of(
                        ConstantDescs.CD_boolean, ConstantDescs.CD_Object, ConstantDescs.CD_Object))
                .ifeq(differs);
        case BOOLEAN, BYTE, SHORT, CHAR, INT -> code.if_icmpne(differs);
        case LONG -> code.lcmp().ifne(differs);
        case FLOAT, DOUBLE ->
            code.invokestatic(
                    boxOf(kind), "compare", MethodTypeDesc.of(ConstantDescs.CD_int, kind, kind))
                .ifne(differs);
        case VOID -> throw new IllegalArgumentException("A field of no type: " + part);
      }
    }
    code.iconst_1().goto_(end).labelBinding(differs).iconst_0().labelBinding(end);
  }

  /** Leaves the number of the record on the stack. */
  private void hash(CodeBuilder code, List<DirectMethodHandleDesc> parts) {
    int mine = code.allocateLocal(TypeKind.REFERENCE);
    code.astore(mine).iconst_0();
    for (DirectMethodHandleDesc part : parts) {
      ClassDesc kind = part.invocationType().returnType();
      code.bipush(31).imul().aload(mine).getfield(type, part.methodName(), kind);
      if (kind.isPrimitive()) {
        code.invokestatic(boxOf(kind), "hashCode", MethodTypeDesc.of(ConstantDescs.CD_int, kind));
      } else {
        code.invokestatic(
            OBJECTS, "hashCode", MethodTypeDesc.of(ConstantDescs.CD_int, ConstantDescs.CD_Object));
      }
      code.iadd();
    }
  }

  private static ClassDesc boxOf(ClassDesc primitive) {
    return switch (TypeKind.from(primitive)) {
      case BOOLEAN -> ConstantDescs.CD_Boolean;
      case BYTE -> ConstantDescs.CD_Byte;
      case SHORT -> ConstantDescs.CD_Short;
      case CHAR -> ConstantDescs.CD_Character;
      case INT -> ConstantDescs.CD_Integer;
      case LONG -> ConstantDescs.CD_Long;
      case FLOAT -> ConstantDescs.CD_Float;
      case DOUBLE -> ConstantDescs.CD_Double;
      case REFERENCE, VOID -> throw new IllegalArgumentException("No number: " + primitive);
    };
  }

  private static ClassDesc described(Class<?> known) {
    return ClassDesc.ofDescriptor(known.descriptorString());
  }
}
