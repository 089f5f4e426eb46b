<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

/** A paragraph of a paper that is no page of HTML. */
final readonly class PaperParagraph
{
    /**
     * @param list<PaperRun> $runs
     * @param bool           $staysWithNext whether no page may end behind it
     */
    public function __construct(public PaperRole $role, public array $runs, public bool $staysWithNext = false)
    {
    }
}
