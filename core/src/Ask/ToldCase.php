<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Evidence\Counted;

/** One case of a document: a pest on a plant, its rounds earliest first, its counts. */
final readonly class ToldCase
{
    /**
     * @param list<ToldRound> $rounds earliest first
     * @param list<Counted>   $counts
     */
    public function __construct(public string $id, public string $pest, public array $rounds, public array $counts) {}
}
