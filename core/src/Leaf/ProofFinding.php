<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** What is proven of one spray, and the test that says so. */
final readonly class ProofFinding
{
    /** @param TestedSpray|null $by null where nobody tested these ingredients */
    public function __construct(public ProofOutcome $outcome, public ?TestedSpray $by) {}
}
