package app.diaphan.server.json;

import java.lang.reflect.InvocationTargetException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.ValueInstantiator;
import tools.jackson.databind.deser.ValueInstantiators;
import tools.jackson.databind.deser.std.StdValueInstantiator;
import tools.jackson.databind.introspect.AnnotatedConstructor;
import tools.jackson.databind.module.SimpleModule;

/**
 * Makes records by calling their constructors. The library's own way, by method handles, makes some
 * three hundred classes at every start, which is a sixth of what a command takes.
 */
final class PlainConstructors extends SimpleModule {
  private static final long serialVersionUID = 1L;

  @Override
  public void setupModule(SetupContext context) {
    super.setupModule(context);
    context.addValueInstantiators(
        new ValueInstantiators.Base() {
          @Override
          public ValueInstantiator modifyValueInstantiator(
              DeserializationConfig config,
              BeanDescription.Supplier type,
              ValueInstantiator usual) {
            return usual instanceof StdValueInstantiator known
                    && known.getWithArgsCreator() instanceof AnnotatedConstructor
                ? new Calling(known)
                : usual;
          }
        });
  }

  private static final class Calling extends StdValueInstantiator {
    Calling(StdValueInstantiator usual) {
      super(usual);
    }

    @Override
    public Object createFromObjectWith(DeserializationContext context, Object[] values)
        throws JacksonException {
      try {
        return ((AnnotatedConstructor) _withArgsCreator).getAnnotated().newInstance(values);
      } catch (InvocationTargetException e) {
        if (e.getCause() instanceof Error error) {
          throw error;
        }
        return refused(context, values, e.getCause());
      } catch (ReflectiveOperationException | IllegalArgumentException e) {
        return refused(context, values, e);
      }
    }

    private Object refused(DeserializationContext context, Object[] values, Throwable why) {
      return context.handleInstantiationProblem(
          _valueClass, values, rewrapCtorProblem(context, why));
    }
  }
}
