package app.diaphan.core.font.file;

import app.diaphan.core.font.AxisValue;
import app.diaphan.harfbuzz.Subsetter;
import com.dylibso.chicory.runtime.ExportFunction;
import com.dylibso.chicory.runtime.Instance;
import com.dylibso.chicory.runtime.Memory;
import com.dylibso.chicory.wasm.ChicoryException;
import com.dylibso.chicory.wasm.WasmModule;
import java.lang.ref.SoftReference;
import java.util.List;

/**
 * Has HarfBuzz write a font anew: a variable one becomes plain at some place on its axes, and
 * nothing but what HarfBuzz understood is in it. It works as WebAssembly, within a memory of its
 * own: what a font made for harm does to it, it does to nothing else.
 */
final class Subsetting {
  /** Outlines are drawn large and never hinted, and hints are programs. */
  private static final int WITHOUT_HINTS = 0x1;

  private static final WasmModule PROGRAM = Subsetter.load();

  /** Takes 65 MB, and less than a tenth of a second to make again. */
  private static SoftReference<Subsetting> known = new SoftReference<>(null);

  private final Instance instance;
  private final Memory memory;

  private Subsetting() {
    instance = Instance.builder(PROGRAM).withMachineFactory(Subsetter::create).build();
    memory = instance.memory();
  }

  /**
   * @param font a file of one font
   * @param axes other axes stay where the font has them
   * @throws UnsuitableFont if HarfBuzz makes nothing of it
   */
  static synchronized byte[] settled(byte[] font, List<AxisValue> axes, double weight) {
    Subsetting here = known.get();
    if (here == null) {
      here = new Subsetting();
      known = new SoftReference<>(here);
    }
    try {
      return here.written(font, axes, weight);
    } catch (ChicoryException | StackOverflowError e) {
      throw new UnsuitableFont("is damaged");
    } finally {
      if (!here.clean) {
        known = new SoftReference<>(null);
      }
    }
  }

  /** Whether all went well, so that it can be used again. */
  private boolean clean;

  private byte[] written(byte[] font, List<AxisValue> axes, double weight) {
    clean = false;
    int bytes = allocated(font.length);
    memory.write(bytes, font);
    int blob = call("hb_blob_create", bytes, font.length, 1, 0, 0);
    int face = call("hb_face_create", blob, 0);
    int input = call("hb_subset_input_create_or_fail");
    call("hb_subset_input_keep_everything", input);
    int flags = call("hb_subset_input_get_flags", input);
    call("hb_subset_input_set_flags", input, flags | WITHOUT_HINTS);
    call("hb_subset_input_pin_all_axes_to_default", input, face);
    pin(input, face, "wght", weight);
    axes.forEach(axis -> pin(input, face, axis.tag(), axis.value()));
    int settled = call("hb_subset_or_fail", face, input);
    if (settled == 0) {
      throw new UnsuitableFont("is damaged");
    }
    int result = call("hb_face_reference_blob", settled);
    int length = call("hb_blob_get_length", result);
    byte[] written = memory.readBytes(call("hb_blob_get_data", result, 0), length);
    call("hb_blob_destroy", result);
    call("hb_face_destroy", settled);
    call("hb_subset_input_destroy", input);
    call("hb_face_destroy", face);
    call("hb_blob_destroy", blob);
    call("free", bytes);
    clean = true;
    return written;
  }

  private int allocated(int length) {
    int at = call("malloc", length);
    if (at == 0) {
      throw new UnsuitableFont("is too large to be worked with; give one with fewer letters");
    }
    return at;
  }

  private void pin(int input, int face, String axis, double value) {
    instance
        .export("hb_subset_input_pin_axis_location")
        .apply(input, face, Sfnt.tag(axis), Float.floatToRawIntBits((float) value));
  }

  private int call(String function, long... arguments) {
    ExportFunction export = instance.export(function);
    long[] results = export.apply(arguments);
    return results == null || results.length == 0 ? 0 : (int) results[0];
  }
}
