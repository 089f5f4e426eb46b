<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\SheetGroup;
use App\View\GroupView;

final class GroupViews
{
    public static function of(SheetGroup $group): GroupView
    {
        return new GroupView($group->id, $group->name, $group->isFolded);
    }
}
