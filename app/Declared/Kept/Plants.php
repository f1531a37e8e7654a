<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\LightHours;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Day;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use App\Declared\Values\Word;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Weather\Exposure;
use IdleMixer\Core\Words\Say;
use Psr\Clock\ClockInterface;

/** A plant: the spine of what was done to it. */
final class Plants extends Record
{
    public function __construct(ClockInterface $clock, private readonly ToleranceCatalogue $tolerance)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return 'plants';
    }

    public function list(): string
    {
        return 'plants';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    public function check(Node $entry, array $columns): void
    {
        $from = $columns['bloom_from'] ?? null;
        $until = $columns['bloom_until'] ?? null;
        if ($from !== null && $until !== null && $until < $from) {
            throw $entry->get('bloomUntil')->fault(Say::it('records/plants.bloom-cannot-end-before-begins'));
        }
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            Plain::needed('name', Text::line(RecipeReader::MAX_NAME, 1))->entered(),
            Plain::usually('kind', Text::line(RecipeReader::MAX_NAME), '')->entered(),
            Plain::usually('variety', Text::line(RecipeReader::MAX_NAME), '')->entered(),
            Plain::needed('tolerance', new Word($this->tolerance->known(), Say::it('records/plants.plant-tolerance-class'), open: true))->entered(),
            Plain::usually('place', Text::line(RecipeReader::MAX_NAME), '')->entered(),
            Plain::usually('notes', Text::notes(RecipeReader::MAX_NOTES), '')->entered(),
            self::flag('bears_no_oil')->entered(),
            self::flag('indoors')->entered(),
            Plain::usually('size', Text::line(RecipeReader::MAX_NAME), '')->entered(),
            Plain::maybe('bloom_from', new Day())->entered(),
            Plain::maybe('bloom_until', new Day())->entered(),
            Plain::maybe('harvest_on', new Day())->entered(),
            self::flag('soap_sensitive')->entered(),
            Plain::maybe('sulfur_on', new Day())->entered(),
            Plain::maybe('copper_on', new Day())->entered(),
            Plain::maybe('oil_on', new Day())->entered(),
            Plain::maybe('stage', Word::of(Stage::class, 'stage'))->entered(),
            Plain::maybe('stage_on', new Day())->entered(),
            Plain::maybe('dry_on', new Day())->entered(),
            Plain::maybe('moved_on', new Day())->entered(),
            self::flag('wounded')->entered(),
            self::flag('eaten_raw')->entered(),
            self::flag('rare')->entered(),
            Plain::usually('exposure', Word::of(Exposure::class, 'exposure'), Exposure::FullSun->value)->entered(),
            new LightHours(),
            Plain::maybe('retired_at', Moment::past($this->clock)),
        ];
    }
}
