<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** What the gardener wants of the course of a case: other days between rounds, and when the buds break. */
final readonly class CaseCourseInput
{
    private function __construct(public Node $object, public int $basedOn, public ?int $everyDays, public ?string $budBreakOn) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): self
    {
        $sent = Sent::toChange($node, ['everyDays', 'budBreakOn']);

        return new self($sent->object, $sent->basedOn, $sent->object->filled('everyDays')?->whole(1, ScheduleLines::LONGEST_PACE['value']), $sent->object->filled('budBreakOn')?->day());
    }
}
