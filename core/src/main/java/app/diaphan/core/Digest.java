package app.diaphan.core;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 digests (FIPS 180-4) in hex, by which the same bytes are known. */
public final class Digest {
  private Digest() {}

  public static String of(byte[] bytes) {
    return HexFormat.of().formatHex(sha256().digest(bytes));
  }

  /** Of a whole file. */
  public static String of(Path file) throws IOException {
    return of(Files.newInputStream(file));
  }

  /** Of all that a stream gives; closes it. */
  public static String of(InputStream from) throws IOException {
    try (from) {
      MessageDigest digest = sha256();
      byte[] part = new byte[1 << 16];
      int count;
      while ((count = from.read(part)) > 0) {
        digest.update(part, 0, count);
      }
      return HexFormat.of().formatHex(digest.digest());
    }
  }

  /** Takes the digest of what is read through it; see {@link #of(DigestInputStream)}. */
  public static DigestInputStream taken(InputStream from) {
    return new DigestInputStream(from, sha256());
  }

  /** Of all that was read so far; once. */
  public static String of(DigestInputStream read) {
    return HexFormat.of().formatHex(read.getMessageDigest().digest());
  }

  /** Of a whole file that is copied meanwhile; a link is not followed. */
  public static String ofCopied(Path file, OutputStream to) throws IOException {
    MessageDigest digest = sha256();
    try (InputStream from =
        new DigestInputStream(Files.newInputStream(file, LinkOption.NOFOLLOW_LINKS), digest)) {
      from.transferTo(to);
    }
    return HexFormat.of().formatHex(digest.digest());
  }

  /** Takes the digest of what is written through it. */
  public static Written written(OutputStream to) {
    return new Written(to, sha256());
  }

  /** A stream that takes the digest of what goes through it. */
  public static final class Written extends DigestOutputStream {
    private Written(OutputStream to, MessageDigest digest) {
      super(to, digest);
    }

    /** Of all that was written so far; once. */
    public String hex() {
      return HexFormat.of().formatHex(getMessageDigest().digest());
    }
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e); // Every Java platform has SHA-256.
    }
  }
}
