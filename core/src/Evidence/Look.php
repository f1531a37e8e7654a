<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What was seen in one look. */
final readonly class Look
{
    /**
     * @param float             $value     what is compared with other looks: the total on as many spots as the plan asks for
     * @param list<float>|null  $each      spot by spot; null where only a total was said
     * @param array<string, float> $stages how many of which stage, by slug; empty where nobody told them apart
     * @param bool|null         $newClean  whether new growth is clean; null where nobody looked
     * @param array<string, int|null>|null $helpers natural enemies that were seen, by slug, and how many, null where nobody counted them; none where there were none; null where nobody looked
     */
    public function __construct(public float $value, public ?array $each, public array $stages, public ?bool $newClean, public ?array $helpers) {}
}
