#!/bin/sh
# Chromium with no window at all. ChromeDriver looks for a page that is open, and this opens none by itself.
exec /usr/bin/chromium-headless-shell "$@" data:,
