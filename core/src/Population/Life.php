<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

use IdleMixer\Core\Schedule\Biology;

/** How what multiplies lives: its stages, what dies of each by itself, and how many young an adult has. */
final readonly class Life
{
    /**
     * @param array<string, Span> $spans  by stage, in their order; a stage that it does not have is left out. That of adults is passed alive by all
     * @param float               $lays   eggs, or young where none are laid, of an adult that dies of age, males counted among the adults
     * @param int                 $before steps of an adult before it lays
     * @param list<Stage>         $seen   stages that are counted
     */
    public function __construct(public Biology $biology, public array $spans, public float $lays, public int $before, public array $seen, public string $source) {}

    /** Eggs for each degree-day of an adult that lays. */
    public function laying(): float
    {
        $adult = $this->spans[Stage::Adult->value];

        return $this->lays * $adult->pace() / ($adult->steps - $this->before);
    }
}
