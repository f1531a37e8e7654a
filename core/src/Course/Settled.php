<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** The next round of a course whose day and spray are known: by rain, burns, tests and hours, and by what goes on. */
final readonly class Settled
{
    /**
     * @param string       $because code of the sentence that says why
     * @param list<string> $turns   slugs of what takes turns from that round on; all of them where none is
     */
    public function __construct(public int $day, public string $recipe, public string $because, public array $turns) {}
}
