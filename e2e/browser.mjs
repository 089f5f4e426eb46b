/** Debian's Chromium without a window: it starts no interface of its own, which takes as long as ours. */
export const CHROMIUM = '/usr/bin/chromium-headless-shell'

// Without hinting, letters stand where a screen of many dots has them.
export const FLAGS = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--font-render-hinting=none']
