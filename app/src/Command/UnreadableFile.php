<?php

declare(strict_types=1);

namespace App\Command;

/** Its message is for the person at the terminal. */
final class UnreadableFile extends \RuntimeException
{
}
