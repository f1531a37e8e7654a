<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** A round that was had, by its spray. */
final readonly class HadMethod
{
    /**
     * @param string     $slug of the recipe
     * @param float|null $took percent of them that it took; below 0 where there were more after it, null where it is not judged
     */
    public function __construct(public string $slug, public ?float $took) {}
}
