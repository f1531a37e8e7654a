<?php

declare(strict_types=1);

namespace App\Declared;

use App\Declared\Kept as Of;
use IdleMixer\Core\Batch\BatchReader;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Weather\WeatherReader;
use IdleMixer\Core\Words\Say;
use Psr\Clock\ClockInterface;

/** Every record of the notebook, in the order in which the log tells them: what others belong to comes first. */
final class Records
{
    /** @var array<string, Record> by table */
    private readonly array $all;

    /** @var array<string, true>|null */
    private ?array $signed = null;

    public function __construct(ClockInterface $clock, ToleranceCatalogue $tolerance, TroubleCatalogue $troubles, RecipeReader $recipes, BatchReader $batches, WeatherReader $weather, IngredientCatalogue $ingredients, Enemies $enemies)
    {
        $all = [
            new Of\Households($clock), new Of\Gardens($clock), new Of\WeatherReports($clock, $weather), new Of\Sprayers($clock), new Of\Measures($clock), new Of\ShelfBottles($clock, $ingredients),
            new Of\Recipes($clock), new Of\RecipeVersions($clock, $recipes), new Of\Plants($clock, $tolerance), new Of\PlantPictures($clock),
            new Of\Trials($clock, $troubles), new Of\TrialLooks($clock), new Of\Courses($clock, $troubles), new Of\CourseLooks($clock),
            new Of\Batches($clock, $batches), new Of\BatchItems($clock), new Of\BatchScoops($clock), new Of\BatchTicks($clock), new Of\BatchSteps($clock), new Of\StandTests($clock),
            new Of\LeafTests($clock), new Of\LeafReadings($clock), new Of\LeafPhotos($clock), new Of\EyeRounds($clock),
            new Of\Runs($clock), new Of\RunTaps($clock),
            new Of\Cases($clock, $troubles), new Of\CaseSteps($clock), new Of\Watches($clock), new Of\Rounds($clock), new Of\Burns($clock), new Of\BurnPhotos($clock), new Of\Counts($clock, $enemies), new Of\Waits($clock, $enemies),
            new Of\RunPlants($clock), new Of\SprayerEvents($clock), new Of\TaskMoves($clock), new Of\Revisions($clock),
            new Reckoned($clock, 'weighed_rounds', ['id', 'case_id', 'pest', 'round_id', 'batch_id', 'bought', 'sprayed_at', 'outcome', 'formula', 'reduction', 'kept_log', 'kept_chance', 'kept_leaves', 'days', 'alone', 'rounds', 'hand_work', 'unproven', 'burnt', 'litres', 'minutes', 'facts']),
            new Reckoned($clock, 'weighed_sprays', ['id', 'pest', 'rank', 'family', 'slug', 'judged', 'worked', 'verdict', 'name', 'left_log', 'last_plant', 'last_at', 'facts']),
            new Reckoned($clock, 'stale_cases', ['case_id']), new Reckoned($clock, 'stale_pests', ['pest']), new Reckoned($clock, 'course_dues', ['course_id', 'hour', 'due_at']),
        ];
        $this->all = array_combine(array_map(static fn(Record $one): string => $one->table(), $all), $all);
    }

    /** @return array<string, Record> by table */
    public function all(): array
    {
        return $this->all;
    }

    /** @return array<string, true> tables whose rows bear the name of whoever wrote them down */
    public function signed(): array
    {
        return $this->signed ??= array_map(static fn(): bool => true, array_filter($this->all, static fn(Record $record): bool => in_array('who', array_merge(...array_map(static fn(Field $field): array => $field->columns(), $record->fields())), true)));
    }

    /** @return array<string, Record> those with a list of their own in the log, by that list */
    public function lists(): array
    {
        $lists = [];
        foreach ($this->all as $record) {
            if ($record->list() !== null) {
                $lists[$record->list()] = $record;
            }
        }

        return $lists;
    }

    /** @throws \LogicException when it is not declared */
    public function of(string $table): Record
    {
        return $this->all[$table] ?? throw new \LogicException(Say::it('records/records.table-not-declared', ['table' => $table]));
    }

    /**
     * @template T of Record
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws \LogicException when it is not declared
     */
    public function get(string $class): Record
    {
        foreach ($this->all as $record) {
            if ($record instanceof $class) {
                return $record;
            }
        }
        throw new \LogicException(Say::it('records/records.not-declared', ['class' => $class]));
    }
}
