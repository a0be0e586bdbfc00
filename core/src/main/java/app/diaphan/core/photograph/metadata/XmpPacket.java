package app.diaphan.core.photograph.metadata;

import com.adobe.internal.xmp.XMPConst;
import com.adobe.internal.xmp.XMPException;
import com.adobe.internal.xmp.XMPMeta;
import com.adobe.internal.xmp.XMPMetaFactory;
import com.adobe.internal.xmp.options.PropertyOptions;
import com.adobe.internal.xmp.options.SerializeOptions;
import java.io.IOException;
import java.util.Optional;

/** XMP (ISO 16684-1), read and written by a library. */
final class XmpPacket {
  private static final String THUMBNAILS = "Thumbnails";

  private XmpPacket() {}

  static boolean thumbnail(byte[] xmp) {
    try {
      return XMPMetaFactory.parseFromBuffer(xmp).doesPropertyExist(XMPConst.NS_XMP, THUMBNAILS);
    } catch (XMPException e) {
      return false;
    }
  }

  /**
   * Without small pictures, which are of the photograph as it was.
   *
   * @throws IOException if the packet cannot be read
   */
  static byte[] changed(Optional<byte[]> xmp, Credit credit) throws IOException {
    try {
      XMPMeta meta =
          xmp.isPresent() ? XMPMetaFactory.parseFromBuffer(xmp.get()) : XMPMetaFactory.create();
      meta.deleteProperty(XMPConst.NS_XMP, THUMBNAILS);
      if (!credit.copyright().isEmpty()) {
        meta.setLocalizedText(XMPConst.NS_DC, "rights", "", XMPConst.X_DEFAULT, credit.copyright());
      }
      if (!credit.creator().isEmpty()) {
        meta.deleteProperty(XMPConst.NS_DC, "creator");
        meta.appendArrayItem(
            XMPConst.NS_DC,
            "creator",
            new PropertyOptions().setArrayOrdered(true),
            credit.creator(),
            null);
      }
      if (!credit.line().isEmpty()) {
        meta.setProperty(XMPConst.NS_PHOTOSHOP, "Credit", credit.line());
      }
      return XMPMetaFactory.serializeToBuffer(
          meta, new SerializeOptions().setUseCompactFormat(true));
    } catch (XMPException e) {
      throw new IOException(e);
    }
  }
}
