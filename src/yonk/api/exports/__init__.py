"""Exports, a file each: this folder is the registry that routes and menus are made from."""

from __future__ import annotations

import pkgutil
from importlib import import_module

from yonk.api.exports.export import Export, Menu

__all__ = ["EXPORTS", "Export", "Menu"]

_NONE_ITSELF = ("export", "needs", "routes", "returning")

EXPORTS: tuple[Export, ...] = tuple(
    import_module(f"{__name__}.{one.name}").EXPORT
    for one in pkgutil.iter_modules(__path__)
    if one.name not in _NONE_ITSELF
)
