#!/usr/bin/python3
"""Makes the demo's skipper plate for so many rows as a plain imaging script would, and prints how many a second.

The measure that rows by Diaphan are held against. On Debian: apt-get install python3-pil.

plain-rows.py FONTS PICTURE FOLDER ROWS
"""
import sys
import time
from pathlib import Path

from PIL import Image, ImageDraw, ImageFilter, ImageFont

FRAME = (1920, 1080)

# All is drawn on a box just large enough, which is then laid into the frame; in its pixels:
BOX = (1400, 240)
BOX_AT = (80, 820)
LEFT, TOP, BOTTOM = 40, 40, 198
NAME_AT, BOAT_AT = (LEFT + 86, TOP + 14), (LEFT + 88, TOP + 94)


def cast(box, radius, colour, opacity, draw):
    """Lays a soft shadow or halo of what draw draws on the box."""
    shape = Image.new("L", BOX)
    draw(ImageDraw.Draw(shape))
    shape = shape.filter(ImageFilter.GaussianBlur(radius)).point(lambda value: value * opacity)
    layer = Image.new("RGBA", BOX, colour)
    layer.putalpha(shape)
    box.alpha_composite(layer)


def row(number, fonts, pennant, face):
    name, boat = f"Skipper Number {number}", f"BOAT {number * 7919 % 1000}"
    box = Image.new("RGBA", BOX)
    right = LEFT + 260 + int(max(fonts[0].getlength(name), fonts[1].getlength(boat)))
    plate = [(LEFT, TOP), (right + 56, TOP), (right, BOTTOM), (LEFT, BOTTOM)]
    cast(box, 9, "#04121c", 0.45, lambda draw: draw.polygon(plate, fill=255))
    shape = Image.new("L", BOX)
    ImageDraw.Draw(shape).polygon(plate, fill=255)
    box.alpha_composite(Image.composite(face, Image.new("RGBA", BOX), shape))
    cast(box, 7, "#04121c", 0.55, lambda draw: draw.text(NAME_AT, name, font=fonts[0], fill=255))
    draw = ImageDraw.Draw(box)
    draw.text(NAME_AT, name, font=fonts[0], fill="#fbf6ea")
    draw.text(BOAT_AT, boat, font=fonts[1], fill="#f3c77a")
    draw.rectangle((LEFT - 12, TOP, LEFT, BOTTOM), fill="#f0a93f")
    box.alpha_composite(pennant, (LEFT + 14, TOP + 50))
    frame = Image.new("RGBA", FRAME)
    frame.paste(box, BOX_AT)
    return frame


def plate_colours():
    ramp = Image.linear_gradient("L").rotate(90).resize(BOX)
    return Image.composite(Image.new("RGBA", BOX, "#14586999"), Image.new("RGBA", BOX, "#0d3346f5"), ramp)


def main(font_folder, picture, folder, rows):
    fonts = [
        ImageFont.truetype(str(next(Path(font_folder).glob("work-sans/*/*700*.ttf"))), 64),
        ImageFont.truetype(str(next(Path(font_folder).glob("barlow-condensed/*/*600*.ttf"))), 34)]
    pennant = Image.open(picture).convert("RGBA").resize((64, 48))
    face = plate_colours()
    began = time.monotonic()
    for number in range(rows):
        row(number, fonts, pennant, face).save(Path(folder) / f"{number}.png")
    print(rows / (time.monotonic() - began))


if __name__ == "__main__":
    main(sys.argv[1], sys.argv[2], sys.argv[3], int(sys.argv[4]))
