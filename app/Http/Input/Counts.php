<?php

declare(strict_types=1);

namespace App\Http\Input;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\LookPlans;
use IdleMixer\Core\Trouble\Enemies;

/** Reads counts by how each pest is looked at. */
final readonly class Counts
{
    public function __construct(private LookPlans $plans, private Enemies $enemies) {}

    /**
     * @param string $pest slug
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function read(Node $node, string $pest, DateTimeImmutable $now, bool $correcting = false): CountInput
    {
        return CountInput::read($node, $pest, $this->plans, $this->enemies, $now, $correcting);
    }
}
