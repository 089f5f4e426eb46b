<?php

declare(strict_types=1);

namespace Notagram\Source;

final class InvalidUtf8 extends \InvalidArgumentException
{
}
