<?php

declare(strict_types=1);

namespace Notagram\Tests\Rehearsal;

use Notagram\Check\Mender;
use Notagram\Notation\Notations;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A question is sound if and only if a strict receiver, which shares no code with the readers, takes it and holds the same. */
final class ReceiverLawTest extends TestCase
{
    private const MENDED_ONE_IN = 5;

    #[TestWith(['gift'])]
    #[TestWith(['aiken'])]
    public function testASoundQuestionIsOneThatArrives(string $id): void
    {
        $law = new ReceiverLaw($id);
        foreach ($law->texts() as $text) {
            self::assertSame([], $law->broken($text), $text);
        }

        self::assertGreaterThan(500, $law->sound);
    }

    #[TestWith(['gift'])]
    #[TestWith(['aiken'])]
    public function testWhatIsMendedArrives(string $id): void
    {
        $law = new ReceiverLaw($id);
        $notation = Notations::find($id) ?? self::fail();
        $mender = new Mender();
        $mended = 0;
        foreach ($law->texts() as $place => $text) {
            if (0 !== $place % self::MENDED_ONE_IN || [] === ReceiverLaw::faults($law->checked($text))) {
                continue;
            }
            $checked = $law->checked($mender->mend(SourceText::fromUtf8($text), $notation)->source->text);
            if ([] === ReceiverLaw::faults($checked)) {
                ++$mended;
                self::assertNotContains(false, ReceiverLaw::arriving($checked), $text."\nbecame\n".$checked->sheet->source->text);
            }
        }

        self::assertGreaterThan(50, $mended);
    }
}
