<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** Why no round is laid out, and what is done instead. */
final readonly class Refusal
{
    /**
     * @param array<string, int|float|string> $args
     * @param list<Act>                       $next
     */
    public function __construct(public CourseState $state, public string $because, public array $args, public array $next, public ?Nearest $nearest = null) {}
}
