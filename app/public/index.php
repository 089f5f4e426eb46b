<?php

declare(strict_types=1);

use App\Kernel;

// The built-in server hands every request here; what is a file, it serves itself.
if (\PHP_SAPI === 'cli-server' && is_file(__DIR__.parse_url((string) $_SERVER['REQUEST_URI'], \PHP_URL_PATH))) {
    return false;
}

require_once dirname(__DIR__).'/vendor/autoload_runtime.php';

return static fn (array $context) => new Kernel((string) $context['APP_ENV'], (bool) $context['APP_DEBUG']);
