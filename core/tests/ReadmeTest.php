<?php

declare(strict_types=1);

namespace Notagram\Tests;

use PHPUnit\Framework\TestCase;

final class ReadmeTest extends TestCase
{
    public function testTheExampleInTheReadmePrintsWhatItSays(): void
    {
        preg_match_all('/^```(?:php)?\n(.*?)^```/ms', (string) file_get_contents(__DIR__.'/../README.md'), $blocks);
        $script = (string) tempnam(sys_get_temp_dir(), 'readme');
        file_put_contents($script, '<?php require '.var_export(realpath(__DIR__.'/../vendor/autoload.php'), true).";\n".$blocks[1][0]);
        exec(escapeshellarg(\PHP_BINARY).' '.escapeshellarg($script), $output, $status);
        unlink($script);

        self::assertSame(0, $status);
        self::assertSame(rtrim($blocks[1][1]), implode("\n", $output));
    }
}
