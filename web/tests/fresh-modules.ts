import { vi } from 'vitest'

// The files of tests share their workers, which is several times faster; each begins with modules of its own.
vi.resetModules()
