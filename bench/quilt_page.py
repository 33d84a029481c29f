"""A large quilt in the browser: first seen, a block turned, the list after an edit, zoomed."""

from __future__ import annotations

import json
import time
from dataclasses import replace
from fractions import Fraction
from math import sin
from statistics import median
from typing import TYPE_CHECKING

from bench.quilts import large
from yonk.core.paper import ClothPicture, Draft
from yonk.core.setting import QuiltBlock, begun
from yonk.files.quilt_file import write_quilt
from yonk.machine.drawn_cloth import INCHES, drawn_cloth
from yonk.machine.samples import all_samples

if TYPE_CHECKING:
    from playwright.sync_api import Page

TIMES = 9
TURNS = """async (times) => {
  const places = [...document.querySelectorAll('.quilt .place')];
  const top = document.querySelector('.quilt');
  const taken = [];
  for (let edit = 0; edit < times; edit += 1) {
    const place = places[(edit * 7) % places.length];
    const seen = new Promise(done => {
      const watch = new MutationObserver(changes => {
        if (!changes.some(one => one.attributeName === 'transform')) return;
        watch.disconnect();
        requestAnimationFrame(() => done(performance.now()));
      });
      watch.observe(top, { attributes: true, subtree: true });
    });
    const start = performance.now();
    place.dispatchEvent(new KeyboardEvent('keydown', { key: 'r', bubbles: true }));
    taken.push(await seen - start);
    await new Promise(done => setTimeout(done, 900));
  }
  return taken;
}"""
LISTED = """async (times) => {
  const side = document.querySelector('.setting-side');
  const add = [...side.querySelectorAll('button')].find(one => one.textContent === '+ a border');
  const taken = [];
  for (let edit = 0; edit < times; edit += 1) {
    const lines = side.querySelectorAll('.top-list tr').length;
    const seen = new Promise(done => {
      const watch = new MutationObserver(() => {
        if (side.querySelectorAll('.top-list tr').length === lines) return;
        watch.disconnect();
        requestAnimationFrame(() => done(performance.now()));
      });
      watch.observe(side, { childList: true, subtree: true });
    });
    const start = performance.now();
    add.click();
    taken.push(await seen - start);
    await new Promise(done => setTimeout(done, 900));
  }
  return taken;
}"""
FRAMES = """async () => {
  const larger = document.querySelector('[aria-label="Larger"]');
  const room = document.querySelector('.quilt-room');
  larger.click(); larger.click();
  await new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)));
  const taken = [];
  let before = performance.now();
  for (let frame = 0; frame < 40; frame += 1) {
    room.scrollBy(12, 12);
    await new Promise(requestAnimationFrame);
    const now = performance.now();
    taken.push(now - before);
    before = now;
  }
  return taken;
}"""

RECORD = """() => {
  window.framesTaken = [];
  let before = performance.now();
  const frame = () => {
    const now = performance.now();
    window.framesTaken.push(now - before);
    before = now;
    if (window.framesTaken.length < 4000) requestAnimationFrame(frame);
  };
  requestAnimationFrame(frame);
}"""
MOVES = 60  # of the pointer, while a border is dragged


def frames_while_dragged(page: Page) -> list[float]:
    """Milliseconds of each frame while the side of a border is dragged out and in."""
    box = page.locator(".handle .grip").first.bounding_box()
    assert box
    x, y = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
    page.mouse.move(x, y)
    page.mouse.down()
    page.evaluate(RECORD)
    for number in range(MOVES):
        page.mouse.move(x + 10 * sin(number / 5), y)
    taken: list[float] = page.evaluate("() => window.framesTaken")
    page.mouse.move(x, y)
    page.mouse.up()
    return taken


SHOWN = {"part": "0.05,0.05,0.95,0.95", "line": "0,0.5,1,0.5"}  # of a photo of a cloth


def in_photographed_cloth(page: Page, url: str, draft: Draft) -> Draft:
    """A block whose fabrics have each a picture of its own, kept where the page is."""
    told = "&".join(f"{name}={share}" for name, ends in SHOWN.items() for share in ends.split(","))
    fabrics = []
    for fabric in draft.fabrics:
        photo = drawn_cloth(fabric.name)
        assert photo, "each dye of this block has a cloth"
        where = f"{url}/api/cloth?{told}&length={INCHES}"
        seen = page.request.post(where, data=photo).json()["picture"]
        width, height = map(Fraction, seen["exact"])
        picture = ClothPicture(file=seen["file"], width=width, height=height)
        fabrics.append(replace(fabric, picture=picture))
    return replace(draft, fabrics=tuple(fabrics))


def frame_in_cloth(page: Page, url: str, columns: int, rows: int) -> float:
    """Milliseconds of a frame while a quilt of blocks of 49 patches is panned, in photographed
    cloths.
    """
    draft = next(one for one in all_samples() if one.name == "Gale Lantern")
    quilt = begun(
        "In cloth", [QuiltBlock(key="one", draft=in_photographed_cloth(page, url, draft))]
    )
    setting = replace(quilt.setting, columns=columns, rows=rows, places={})
    body = json.dumps({"document": write_quilt(replace(quilt, setting=setting))})
    headers = {"Content-Type": "application/json"}
    made = page.request.post(f"{url}/api/quilts", data=body, headers=headers).json()
    page.goto(f"{url}/quilts/{made['id']}")
    page.locator(".quilt .place").first.wait_for()
    page.wait_for_timeout(1500)
    return median(page.evaluate(FRAMES))


def figures(page: Page, url: str, columns: int, rows: int) -> dict[str, float]:
    """Milliseconds: until the quilt is first seen, until a turned block is, until the list is
    another, and of a frame while it is panned.
    """
    body = json.dumps({"document": write_quilt(large(columns, rows))})
    headers = {"Content-Type": "application/json"}
    quilt = page.request.post(f"{url}/api/quilts", data=body, headers=headers).json()
    page.goto(f"{url}/quilts")
    page.wait_for_timeout(500)
    start = time.perf_counter()
    page.goto(f"{url}/quilts/{quilt['id']}")
    page.locator(".quilt .place").first.wait_for()
    first = 1000 * (time.perf_counter() - start)
    page.wait_for_timeout(1500)
    return {
        "first seen": first,
        "a block turned": median(page.evaluate(TURNS, TIMES)),
        "the list after an edit": median(page.evaluate(LISTED, 5)),
        "a frame while panned": median(page.evaluate(FRAMES)),
        "a frame while a border is dragged": median(frames_while_dragged(page)),
    }
