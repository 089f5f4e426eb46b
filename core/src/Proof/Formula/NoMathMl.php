<?php

declare(strict_types=1);

namespace Notagram\Proof\Formula;

/** A formula holds something that is not known here: it stays TeX. */
final class NoMathMl extends \Exception
{
}
