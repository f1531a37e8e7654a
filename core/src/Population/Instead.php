<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** What would end an outbreak where the spray that comes next does not. */
final readonly class Instead
{
    /**
     * @param string $spray  name of another spray
     * @param int    $rounds in all
     * @param bool   $inTurn with the one that comes next; else by itself
     * @param non-empty-list<string> $turns slugs, the first of them to begin with
     */
    public function __construct(public string $spray, public int $rounds, public bool $inTurn, public array $turns) {}
}
