<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Values\NaturalEnemies;
use App\Declared\Values\Number;
use App\Declared\Values\Text;
use App\Declared\Values\Word;
use App\Declared\Within;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\LookReader;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Words\Say;
use Psr\Clock\ClockInterface;

/** What was counted of a pest at one time. */
final class Counts extends Record
{
    public function __construct(ClockInterface $clock, private readonly Enemies $enemies)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return 'counts';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    /** @throws InvalidDocument when one is no count */
    private static function spots(Node $node): void
    {
        array_map(static fn(Node $spot): float => $spot->countUpTo(LookReader::MOST), $node->items(1, InputLines::MOST_SPOTS['value'], 'spots'));
    }

    /** @throws InvalidDocument when one is no count */
    private static function stages(Node $node): void
    {
        $all = $node->open();
        foreach ($all->keys() as $stage) {
            $all->get($stage)->countUpTo(LookReader::MOST);
        }
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new Within('case_id', 'cases'),
            Plain::needed('counted_at', Moment::past($this->clock)),
            Plain::needed('value', Number::upTo(LookReader::MOST)),
            self::flag('untreated'),
            Plain::usually('notes', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::maybe('each', new Json(self::spots(...), ['type' => 'array', 'items' => ['type' => 'number', 'minimum' => 0]])),
            Plain::maybe('stages', new Json(self::stages(...), ['type' => 'object', 'additionalProperties' => ['type' => 'number', 'minimum' => 0]])),
            Plain::maybe('new_growth', new Word(['clean', 'hit'], Say::it('records/counts.state-of-new-growth'))),
            Plain::maybe('helpers', new NaturalEnemies($this->enemies, counted: true)),
        ];
    }
}
