#!/usr/bin/env python3
"""Decodes pictures by programs that share no code with Diaphan's readers, to be compared with them.

    decode-pictures.py FOLDER OUT

For each file of the folder, OUT gets NUMBER.DECODER: width and height as whole numbers of four bytes,
low byte first, then red, green, blue and alpha of each pixel, straight, a byte each. A file that a
decoder refuses is left out. What is laid down in OUT/names.txt is the files' names by their numbers.
"""
import io
import multiprocessing
import os
import struct
import subprocess
import sys
import tempfile

from PIL import Image, ImageCms, ImageFile, ImageOps

Image.MAX_IMAGE_PIXELS = 60_000_000
SECONDS = 20


def write(path, width, height, pixels):
    if len(pixels) == 4 * width * height and pixels:
        with open(path, "wb") as file:
            file.write(struct.pack("<ii", width, height))
            file.write(pixels)


def pillow(path, to_srgb):
    with Image.open(path) as image:
        image.load()
        profile = image.info.get("icc_profile")
        if image.mode in ("I", "I;16", "I;16B", "I;16L", "I;16N"):
            # Pillow cuts such values off at 255 instead of dividing them.
            image = image.convert("I").point(lambda value: value / 257).convert("L")
        image = ImageOps.exif_transpose(image)
        if to_srgb and profile:
            alpha = image.convert("RGBA").getchannel("A")
            base = image if image.mode in ("RGB", "L", "CMYK") else image.convert("RGB")
            image = ImageCms.profileToProfile(
                base, ImageCms.ImageCmsProfile(io.BytesIO(profile)), ImageCms.createProfile("sRGB"), 1, outputMode="RGB"
            ).convert("RGBA")
            image.putalpha(alpha)
        return image.size, image.convert("RGBA").tobytes()


def by_command(command, size):
    done = subprocess.run(command, capture_output=True, timeout=SECONDS, check=True)
    return size, done.stdout


def magick_size(path):
    told = subprocess.run(
        ["convert", path + "[0]", "-auto-orient", "-format", "%w %h", "info:"], capture_output=True, timeout=SECONDS, check=True
    )
    width, height = told.stdout.split()[:2]
    return int(width), int(height)


def ffmpeg_size(path):
    told = subprocess.run(
        ["ffprobe", "-v", "error", "-select_streams", "v:0", "-show_entries", "stream=width,height", "-of", "csv=p=0", path],
        capture_output=True,
        timeout=SECONDS,
        check=True,
    )
    width, height = told.stdout.split(b"\n")[0].split(b",")[:2]
    return int(width), int(height)


def magick_srgb(path):
    with Image.open(path) as image:
        if not image.info.get("icc_profile"):
            raise ValueError("no profile")
    size = magick_size(path)
    with tempfile.NamedTemporaryFile(suffix=".icc") as profile:
        profile.write(ImageCms.ImageCmsProfile(ImageCms.createProfile("sRGB")).tobytes())
        profile.flush()
        return by_command(["convert", path + "[0]", "-auto-orient", "-profile", profile.name, "-depth", "8", "rgba:-"], size)


def by_gamma(path):
    """As the PNG specification asks where a file says its gamma and nothing else of its colours."""
    with Image.open(path) as image:
        image.load()
        gamma = image.info["gamma"]
        if "srgb" in image.info or "icc_profile" in image.info:
            raise ValueError("colours are said otherwise")
        if image.mode.startswith("I"):
            image = image.convert("I").point(lambda value: value / 257).convert("L")
        image = image.convert("RGBA")
    size, seen = by_command(["convert", path + "[0]", "-depth", "8", "rgba:-"], magick_size(path))
    image.putalpha(Image.frombytes("RGBA", size, seen).getchannel("A"))  # Pillow mistakes few bits.
    table = []
    for value in range(256):
        light = (value / 255) ** (1 / gamma)
        encoded = 12.92 * light if light <= 0.0031308 else 1.055 * light ** (1 / 2.4) - 0.055
        table.append(round(255 * encoded))
    return image.size, image.point(table * 3 + list(range(256))).tobytes()


def libtiff(path):
    with tempfile.NamedTemporaryFile(suffix=".tif") as out:
        subprocess.run(["tiff2rgba", path, out.name], capture_output=True, timeout=SECONDS, check=True)
        with Image.open(out.name) as image:
            return image.size, image.convert("RGBA").tobytes()


def beside(path):
    """A set may bring along what its pictures look like."""
    known = os.path.join(os.path.dirname(path), "..", "html", os.path.splitext(os.path.basename(path))[0] + ".png")
    if not path.endswith(".bmp"):
        raise ValueError("no set with such pictures")
    with Image.open(known) as image:
        return image.size, image.convert("RGBA").tobytes()


DECODERS = {
    "libtiff": libtiff,
    "beside": beside,
    "gamma": by_gamma,
    "magick-srgb": magick_srgb,
    "pillow": lambda path: pillow(path, False),
    "pillow-srgb": lambda path: pillow(path, True),
    "magick": lambda path: by_command(
        ["convert", path + "[0]", "-auto-orient", "-colorspace", "sRGB", "-depth", "8", "rgba:-"], magick_size(path)
    ),
    "ffmpeg": lambda path: by_command(
        ["ffmpeg", "-v", "error", "-i", path, "-frames:v", "1", "-pix_fmt", "rgba", "-f", "rawvideo", "-"], ffmpeg_size(path)
    ),
}


def decode_all(task):
    path, out = task
    for name, decode in DECODERS.items():
        try:
            (width, height), pixels = decode(path)
            write(f"{out}.{name}", width, height, pixels)
        except Exception:  # A file that a decoder refuses tells nothing.
            continue


def main(folder, out):
    os.makedirs(out, exist_ok=True)
    paths = sorted(os.path.join(at, name) for at, _, names in os.walk(folder) for name in names)
    with multiprocessing.Pool() as workers:
        workers.map(decode_all, [(path, os.path.join(out, str(number))) for number, path in enumerate(paths)], 4)
    with open(os.path.join(out, "names.txt"), "w", encoding="utf-8") as known:
        known.writelines(path + "\n" for path in paths)


if __name__ == "__main__":
    main(*sys.argv[1:])
