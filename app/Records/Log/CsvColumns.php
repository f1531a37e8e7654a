<?php

declare(strict_types=1);

namespace App\Records\Log;

/** The columns of the log as a table, one row an observation. */
final class CsvColumns
{
    /** What a row is: a look that counted, or a spraying. */
    public const LOOK = 'look';

    public const SPRAYED = 'sprayed';

    /** In this order; what each holds is told in docs/log.md. */
    public const ALL = [
        'what', 'id', 'case_id', 'plant', 'leaf_kind', 'place', 'pest', 'opened_at', 'closed_at', 'at', 'value', 'untreated', 'each', 'stages', 'new_growth', 'helpers',
        'batch_id', 'spray', 'bought', 'holds', 'strength', 'hand_work', 'rinsed', 'override', 'litres', 'outcome', 'reduction_percent', 'formula', 'notes',
    ];

    /** Without these a row cannot be read. */
    public const NEEDED = ['plant', 'pest', 'at'];
}
