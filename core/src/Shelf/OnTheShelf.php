<?php

declare(strict_types=1);

namespace IdleMixer\Core\Shelf;

/** What can be made of a cupboard, and what would do and lacks something; both best first. */
final readonly class OnTheShelf
{
    /**
     * @param list<Making>  $sprays
     * @param list<Lacking> $lacking
     */
    public function __construct(public array $sprays, public array $lacking) {}
}
