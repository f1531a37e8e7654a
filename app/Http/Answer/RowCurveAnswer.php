<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The counts of one trouble of a plant. */
final readonly class RowCurveAnswer
{
    /**
     * @param list<RowMarkAnswer> $counts   earliest first
     * @param list<RowMarkAnswer> $compared the same of what was not sprayed, beside it
     */
    public function __construct(public int $caseId, public string $trouble, public string $counted, public array $counts, public array $compared) {}
}
