<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** A further look and what it is expected to tell. */
final readonly class ProposedLook
{
    /**
     * @param float         $bits  expected information in bits
     * @param list<Cause> $yes   suspects that a "yes" speaks for
     * @param list<Cause> $no    suspects that a "no" speaks for
     */
    public function __construct(public Look $look, public float $bits, public array $yes, public array $no) {}
}
