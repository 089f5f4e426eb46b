<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** The bytes of a picture; copies of a sheet share them. */
#[ORM\Entity]
class PictureBytes extends KeptBytes
{
}
