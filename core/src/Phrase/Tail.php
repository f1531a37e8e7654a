<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** “per gallon”, “in 2 litres of water”, “in a 1 litre spray bottle”. */
final readonly class Tail
{
    public function __construct(public Much $much, public bool $finished = false) {}
}
