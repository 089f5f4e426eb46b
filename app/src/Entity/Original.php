<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** The bytes that a sheet came as, kept once. */
#[ORM\Entity]
class Original extends KeptBytes
{
}
