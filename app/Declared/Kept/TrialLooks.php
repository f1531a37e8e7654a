<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Within;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\LookReader;

/** One look at every leaf or plant of a trial. */
final class TrialLooks extends Record
{
    public function table(): string
    {
        return 'trial_looks';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    /** @throws InvalidDocument when one is neither a count nor missing */
    private static function counts(Node $node): void
    {
        foreach ($node->items(0, InputLines::MOST_ROWS['value'], 'counts') as $one) {
            if (! $one->isNull()) {
                $one->countUpTo(LookReader::MOST);
            }
        }
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new Within('trial_id', 'trials'),
            Plain::needed('counted_at', Moment::past($this->clock)),
            Plain::needed('counts', new Json(self::counts(...), ['type' => 'array', 'items' => ['type' => ['number', 'null'], 'minimum' => 0]])),
        ];
    }
}
