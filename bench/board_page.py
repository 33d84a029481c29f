"""The hand on the board in the browser: how soon a touch is seen, how soon the list follows, and
the longest stretch in which the page heard nothing.
"""

from __future__ import annotations

import json
from dataclasses import dataclass
from statistics import median
from typing import TYPE_CHECKING

from bench.drawings import squares_of_two, triangles
from yonk.files.block_file import write_block

if TYPE_CHECKING:
    from playwright.sync_api import Page

    from yonk.core.paper import Draft

TIMES = 11
SEEN = 50  # ms until a touch is drawn, whatever the size of the drawing
LONGEST = 50  # ms in which the page hears nothing: what a browser calls a long task

# A touch on the board at a share of its width and height, down for 60 ms as a hand is; what it
# takes from when it is lifted until something of it is drawn on the board, until the list beside it
# is another and, meanwhile, how long the page was kept from hearing.
TOUCHES = """async ([spots, repaint]) => {
  const board = document.querySelector('.board');
  const list = document.querySelector('.list-body');
  const pause = time => new Promise(done => setTimeout(done, time));
  const long = [];
  new PerformanceObserver(found => long.push(...found.getEntries()))
    .observe({ entryTypes: ['longtask'] });
  const changed = place => new Promise(done => {
    const watch = new MutationObserver(changes => {
      if (!changes.some(one => [...one.addedNodes].some(node => node.nodeType === 1
          && node.closest('.waiting')) || one.target.parentElement.closest('.board-cloth')
          || place === list)) return;
      watch.disconnect();
      requestAnimationFrame(() => done(performance.now()));
    });
    watch.observe(place, { childList: true, subtree: true, characterData: true,
      attributeFilter: ['fill', 'd', 'points'] });
  });
  const taken = [];
  for (const [across, down] of spots) {
    if (repaint) {
      const fabrics = [...document.querySelectorAll('.fabrics [role=radio]')];
      fabrics[taken.length % 2 + 2]?.click();
      await pause(200);
    }
    const box = board.getBoundingClientRect();
    const at = { clientX: box.left + across * box.width, clientY: box.top + down * box.height,
      bubbles: true, pointerId: 1, button: 0 };
    board.dispatchEvent(new PointerEvent('pointermove', at));
    await pause(300);
    long.length = 0;
    const [drawn, listed] = [changed(board.parentElement), changed(list)];
    board.setPointerCapture = () => undefined; // there is no pointer of this number
    board.dispatchEvent(new PointerEvent('pointerdown', at));
    await pause(60);
    const limit = pause(4000).then(() => NaN);
    const start = performance.now();
    board.dispatchEvent(new PointerEvent('pointerup', at));
    const both = await Promise.all([Promise.race([drawn, limit]), Promise.race([listed, limit])]);
    await pause(1100);
    taken.push([both[0] - start, both[1] - start, Math.max(0, ...long.map(one => one.duration))]);
  }
  return taken;
}"""


@dataclass(frozen=True)
class Hand:
    """What a hand feels, in milliseconds, in the middle of some touches; the longest of all."""

    seen: float
    listed: float
    longest: float


def touched(page: Page, url: str, draft: Draft, tool: str) -> Hand:
    """A draft opened, and touched in one place after the other with a tool."""
    body = json.dumps({"document": write_block(draft)})
    headers = {"Content-Type": "application/json"}
    block = page.request.post(f"{url}/api/blocks", data=body, headers=headers).json()
    page.goto(f"{url}/blocks/{block['id']}/draft")
    page.get_by_role("application").wait_for()
    page.get_by_role("radio", name=tool).check()
    if tool == "Put in":
        page.get_by_role("radio", name="quarter-square triangle").click()
    page.wait_for_timeout(2500)
    spots = [(0.2 + 0.057 * place, 0.25 + 0.041 * place) for place in range(TIMES)]
    taken = page.evaluate(TOUCHES, [spots, tool == "Paint"])
    seen, listed, longest = zip(*taken, strict=True)
    return Hand(median(seen), median(listed), max(longest))


TOUCHED = (
    ("16 × 16 triangles, a unit put in", triangles(16), "Put in", 80),
    ("16 × 16 triangles, a patch painted", triangles(16), "Paint", 80),
    ("32 × 32 triangles, a unit put in", triangles(32), "Put in", 150),
    ("64 × 64 squares, a unit put in", squares_of_two(64), "Put in", 500),
)
