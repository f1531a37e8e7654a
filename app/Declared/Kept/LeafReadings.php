<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Codes;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use App\Declared\Within;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\MeanwhileWeather;
use IdleMixer\Core\Leaf\ReadingReader;
use IdleMixer\Core\Recipe\RecipeReader;

/** One look at the leaves of a test, each leaf by itself. */
final class LeafReadings extends Record
{
    public function table(): string
    {
        return 'leaf_readings';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    /** @throws InvalidDocument when they are no looks at leaves */
    private static function leaves(Node $node): void
    {
        ReadingReader::read($node, null);
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new Within('leaf_test_id', 'leaf_tests'),
            Plain::needed('read_at', Moment::past($this->clock)),
            Plain::usually('weather', Codes::of(MeanwhileWeather::class, 'weather'), ''),
            Plain::usually('notes', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::needed('leaves', new Json(self::leaves(...), ['type' => 'array'])),
        ];
    }
}
