<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** Names the HTTP interface; its description is made from the controllers, requests and views. */
#[OA\Info(version: '1', title: 'Notagram')]
final class Api
{
}
