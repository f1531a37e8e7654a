<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Declared\Arrivals;
use App\Declared\Before;
use App\Declared\Field;
use App\Declared\Kept\Batches;
use App\Declared\Kept\RecipeVersions;
use App\Declared\Part;
use App\Declared\Record;
use App\Declared\Records;
use App\Models\Who;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Takes in one record of a log with all that is told within it. One that is here already takes only what it did not have. */
final class Intake
{
    /** Cases of before named the batches that were mixed for them. */
    private const OLDER = ['cases' => ['batches']];

    /** @var list<array{table: string, id: int, of: string, column: string, identity: string}> what names a record that had not come yet */
    private array $waiting = [];

    public function __construct(private readonly Records $records, private readonly SoundBatches $sound, private readonly Who $who, private readonly ClockInterface $clock) {}

    /**
     * @param array<string, int>                        $taken  how many of what is told within others were new
     * @param array<string, bool|float|int|string|null> $within the column that names the record it is told within
     *
     * @return int how many of it were new: 1 or 0
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function take(Record $record, Node $node, Arrivals $arrivals, array &$taken, array $within = []): int
    {
        $older = self::OLDER[$record->table()] ?? [];
        $entry = $node->object([...array_map(static fn(Field $field): string => $field->key(), $record->carried()), ...array_keys($record->parts()), ...$record->isCorrected() ? ['was'] : [], ...$older]);
        $columns = $within;
        foreach ($record->carried() as $field) {
            $columns = [...$columns, ...$field->read($entry, $arrivals)];
        }
        $record->check($entry, $columns);
        $waiting = $arrivals->waiting();
        $here = $this->here($record, $columns, $arrivals);
        $id = $here ?? $this->insert($record, $columns, $arrivals, $entry);
        foreach ($here === null ? $waiting : [] as $one) {
            $this->waiting[] = ['table' => $record->table(), 'id' => $id, 'of' => $one['table'], 'column' => $one['column'], 'identity' => $one['identity']];
        }
        foreach (array_filter($record->parts(), static fn(Part $part): bool => $here === null || $part->joins) as $key => $part) {
            $this->within($part, $key, $entry, $id, $arrivals, $taken);
        }
        foreach ($older === [] ? [] : $entry->filled('batches')?->items(0, $record->parts()['rounds']->most, 'batches') ?? [] as $batch) {
            DB::table('batches')->where('submission', $batch->text(36))->whereNull('case_id')->update(['case_id' => $id]);
        }
        if ($here === null && $record instanceof Batches) {
            $this->sound->check($id, $node);
        }

        return $here === null ? 1 : 0;
    }

    /** What named a record that came later names its row now; what never came is left open. */
    public function joinUp(Arrivals $arrivals): void
    {
        foreach ($this->waiting as $one) {
            $row = $arrivals->identities->row($one['of'], $one['identity']);
            if ($row !== null) {
                DB::table($one['table'])->where('id', $one['id'])->update([$one['column'] => $row]);
            }
        }
        $this->waiting = [];
    }

    /**
     * @param array<string, int> $taken
     *
     * @throws InvalidDocument
     */
    private function within(Part $part, string $key, Node $entry, int $id, Arrivals $arrivals, array &$taken): void
    {
        $record = $this->records->get($part->of);
        $new = 0;
        foreach (($part->required ? $entry->get($key) : $entry->filled($key))?->items(0, $part->most, $key) ?? [] as $one) {
            $new += $this->take($record, $one, $arrivals, $taken, [$part->column => $id]);
        }
        if (isset($taken[$key])) {
            $taken[$key] += $new;
        }
    }

    /** @param array<string, bool|float|int|string|null> $columns */
    private function here(Record $record, array $columns, Arrivals $arrivals): ?int
    {
        $identity = $record->identity();
        if ($identity === ['submission']) {
            return $arrivals->identities->row($record->table(), (string) $columns['submission']);
        }
        $found = DB::table($record->table())->where(array_intersect_key($columns, array_flip($identity)))->value('id');
        if (is_int($found) && $record instanceof RecipeVersions) {
            $arrivals->identities->became($this->slug($columns), (int) $columns['number'], $found);
        }

        return is_int($found) ? $found : null;
    }

    /**
     * @param array<string, bool|float|int|string|null> $columns
     *
     * @throws InvalidDocument
     */
    private function insert(Record $record, array $columns, Arrivals $arrivals, Node $entry): int
    {
        $said = $columns['number'] ?? null;
        if ($record instanceof RecipeVersions) {
            $columns = self::renumbered($columns);
        }
        $id = DB::table($record->table())->insertGetId([...$this->since($record), ...$record->ownHere(), ...$columns]);
        if ($record->identity() === ['submission']) {
            $arrivals->identities->made($record->table(), (string) $columns['submission'], $id);
        }
        if ($record instanceof RecipeVersions) {
            $arrivals->identities->became($this->slug($columns), (int) $said, $id);
        }
        $revisions = $this->records->of('revisions');
        foreach ($record->isCorrected() ? $entry->filled('was')?->items(0, InputLines::MOST_ROWS['value'], 'changes') ?? [] : [] as $change) {
            $was = $change->object(array_map(static fn(Field $field): string => $field->key(), $revisions->carried()));
            $row = ['record' => $record->table(), 'record_id' => $id];
            foreach ($revisions->carried() as $field) {
                $row = [...$row, ...$field->read($was, $arrivals)];
            }
            DB::table('revisions')->insert([...$this->since($revisions), ...$row, 'before' => Before::kept($record, $was->get('before'), $arrivals)]);
        }
        // What it was once waits for nothing.
        $arrivals->waiting();

        return $id;
    }

    /** @return array<string, int|string> what an older document does not say: who takes it in, and when */
    private function since(Record $record): array
    {
        $columns = array_merge(...array_map(static fn(Field $field): array => $field->columns(), $record->fields()));
        $now = $this->clock->now()->format('Y-m-d H:i:s');

        return [
            ...in_array('who', $columns, true) ? ['who' => $this->who->name()] : [],
            ...in_array('created_at', $columns, true) ? ['created_at' => $now, 'updated_at' => $now] : [],
            ...$record->identity() === [] ? ['id' => 1] : [],
        ];
    }

    /**
     * Where another version has this number already it is one more of the versions here, and not the one that is used.
     *
     * @param array<string, bool|float|int|string|null> $columns
     *
     * @return array<string, bool|float|int|string|null>
     */
    private static function renumbered(array $columns): array
    {
        $versions = DB::table('recipe_versions')->where('recipe_id', $columns['recipe_id'] ?? 0);
        $last = $versions->clone()->max('number');

        return $versions->where('number', $columns['number'] ?? 0)->exists() && is_int($last) ? [...$columns, 'number' => $last + 1, 'written' => 0] : $columns;
    }

    /** @param array<string, bool|float|int|string|null> $version */
    private function slug(array $version): string
    {
        $slug = DB::table('recipes')->where('id', $version['recipe_id'] ?? 0)->value('slug');

        return is_string($slug) ? $slug : '';
    }
}
