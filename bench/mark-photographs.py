"""What a script with Pillow and two processes makes of photographs, for bench --only photographs/.

Usage: mark-photographs.py FOLDER MARK.png TO
"""
import os
import sys
from multiprocessing import Pool

from PIL import Image

folder, mark_file, to = sys.argv[1:]
mark = Image.open(mark_file).convert("RGBA")


def one(name):
    image = Image.open(os.path.join(folder, name)).convert("RGB")
    place = (image.width - mark.width - 90, image.height - mark.height - 90)
    image.paste(mark, place, mark)
    image.save(os.path.join(to, name), quality=90)


if __name__ == "__main__":
    with Pool(2) as pool:
        pool.map(one, sorted(os.listdir(folder)))
