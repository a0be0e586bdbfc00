package app.diaphan.core.roster.table;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import com.ibm.icu.text.CharsetDetector;
import com.ibm.icu.text.CharsetMatch;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.StandardCharsets;
import java.nio.charset.UnsupportedCharsetException;
import java.util.Arrays;
import java.util.Optional;

/**
 * Text out of bytes. What a byte order mark says holds; else bytes that are right as UTF-8 are
 * UTF-8; else ICU guesses, and what it does not recognise is taken for Windows-1252.
 *
 * @param encoding as it is called where encodings are chosen, such as "Windows-1252"
 */
public record DecodedText(String text, String encoding) {
  private static final int GUESSED_FROM = 64 << 10;
  private static final String WESTERN = "windows-1252";

  /** More control characters than this share are no text. */
  private static final double MOST_CONTROLS = 0.01;

  /**
   * @param name of the file
   * @param told the encoding, if somebody chose it
   * @throws InvalidInput if it is no text, or the encoding is unknown
   */
  public static DecodedText of(String name, byte[] bytes, Optional<String> told) {
    DecodedText decoded =
        told.map(encoding -> as(bytes, charset(encoding))).orElseGet(() -> found(bytes));
    long controls = decoded.text.chars().filter(DecodedText::isControl).count();
    if (controls > MOST_CONTROLS * decoded.text.length()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is no table: it holds no text, whatever its name says. Give CSV, XLSX or ODS.",
              name));
    }
    return decoded;
  }

  private static boolean isControl(int c) {
    return c == 0xfffd || c < ' ' && c != '\n' && c != '\r' && c != '\t';
  }

  private static DecodedText found(byte[] bytes) {
    if (starts(bytes, 0xef, 0xbb, 0xbf)) {
      return as(bytes, StandardCharsets.UTF_8);
    }
    if (starts(bytes, 0xff, 0xfe)) {
      return as(bytes, StandardCharsets.UTF_16LE);
    }
    if (starts(bytes, 0xfe, 0xff)) {
      return as(bytes, StandardCharsets.UTF_16BE);
    }
    Optional<Charset> wide = wide(bytes);
    if (wide.isPresent()) {
      return as(bytes, wide.get());
    }
    try {
      String text =
          StandardCharsets.UTF_8
              .newDecoder()
              .onMalformedInput(CodingErrorAction.REPORT)
              .decode(ByteBuffer.wrap(bytes))
              .toString();
      return new DecodedText(text, StandardCharsets.UTF_8.name());
    } catch (CharacterCodingException e) {
      return as(bytes, guessed(bytes));
    }
  }

  /** Of text in which every second byte is 0 nearly everywhere, as in most UTF-16. */
  private static Optional<Charset> wide(byte[] bytes) {
    int pairs = Math.min(bytes.length, GUESSED_FROM) / 2;
    int first = 0;
    int second = 0;
    for (int i = 0; i < pairs; i++) {
      first += bytes[2 * i] == 0 ? 1 : 0;
      second += bytes[2 * i + 1] == 0 ? 1 : 0;
    }
    if (pairs == 0 || bytes.length % 2 != 0 || Math.abs(first - second) < 0.4 * pairs) {
      return Optional.empty();
    }
    return Optional.of(first > second ? StandardCharsets.UTF_16BE : StandardCharsets.UTF_16LE);
  }

  private static Charset guessed(byte[] bytes) {
    CharsetDetector detector = new CharsetDetector();
    detector.setText(Arrays.copyOf(bytes, Math.min(bytes.length, GUESSED_FROM)));
    CharsetMatch match = detector.detect();
    String name = match == null ? WESTERN : match.getName();
    // What ICU calls by the standard's name is, in files of spreadsheets, its superset.
    if (name.startsWith("ISO-8859-1") || !Charset.isSupported(name) || name.startsWith("UTF-")) {
      name = WESTERN;
    }
    return Charset.forName(name);
  }

  private static Charset charset(String encoding) {
    try {
      return Charset.forName(encoding);
    } catch (IllegalCharsetNameException | UnsupportedCharsetException e) {
      throw new InvalidInput(
          Sentence.of(
              "There is no encoding \"%s\"; give one such as UTF-8, UTF-16 or Windows-1252.",
              encoding),
          e);
    }
  }

  private static DecodedText as(byte[] bytes, Charset charset) {
    String text = new String(bytes, charset);
    boolean marked = !text.isEmpty() && text.charAt(0) == '\ufeff';
    String name = charset.name().equals(WESTERN) ? "Windows-1252" : charset.name();
    return new DecodedText(marked ? text.substring(1) : text, name.replaceAll("[BL]E$", ""));
  }

  private static boolean starts(byte[] bytes, int... begin) {
    for (int i = 0; i < begin.length; i++) {
      if (i >= bytes.length || (bytes[i] & 0xff) != begin[i]) {
        return false;
      }
    }
    return true;
  }
}
