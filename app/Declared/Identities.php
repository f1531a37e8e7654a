<?php

declare(strict_types=1);

namespace App\Declared;

use IdleMixer\Core\Words\Say;
use Illuminate\Support\Facades\DB;

/** Row numbers of this notebook, and the identities that records keep in every notebook; what was asked once is remembered. */
final class Identities
{
    private const AT_A_TIME = 500;

    /** @var array<string, array<int, string>> by table and row */
    private array $known = [];

    /** @var array<string, array<string, int>> by table and identity */
    private array $rows = [];

    /** @var array<int, array{string, int}> */
    private array $recipes = [];

    /** @var array<string, int> */
    private array $versions = [];

    /**
     * Asks for many together.
     *
     * @param list<int> $ids
     */
    public function prepare(string $table, array $ids): void
    {
        foreach (array_chunk(array_values(array_diff(array_unique($ids), array_keys($this->known[$table] ?? []))), self::AT_A_TIME) as $some) {
            foreach (DB::table($table)->whereIn('id', $some)->get(['id', 'submission']) as $row) {
                if (is_int($row->id) && is_string($row->submission)) {
                    $this->known[$table][$row->id] = $row->submission;
                }
            }
        }
    }

    /** @return string|null null where no such row is there */
    public function of(string $table, int $id): ?string
    {
        if (! isset($this->known[$table][$id])) {
            $this->prepare($table, [$id]);
        }

        return $this->known[$table][$id] ?? null;
    }

    /** @return int|null the row, taken back or not; null where none is here */
    public function row(string $table, string $identity): ?int
    {
        $known = $this->rows[$table][$identity] ?? null;
        if ($known !== null) {
            return $known;
        }
        $id = DB::table($table)->where('submission', $identity)->value('id');
        if (! is_int($id)) {
            return null;
        }

        return $this->rows[$table][$identity] = $id;
    }

    /**
     * @return array{string, int} slug and number of a version of a recipe
     *
     * @throws \LogicException when no such row is there
     */
    public function recipe(int $version): array
    {
        return $this->recipes[$version] ??= self::asked($version);
    }

    /** @return int|null the row that a version of the document which is read became; null where it is none of it */
    public function version(string $slug, int $number): ?int
    {
        return $this->versions["{$slug} {$number}"] ?? null;
    }

    /** A version of the document, and the row that stands for it here. */
    public function became(string $slug, int $number, int $row): void
    {
        $this->versions["{$slug} {$number}"] = $row;
    }

    /** One that was made just now. */
    public function made(string $table, string $identity, int $id): void
    {
        $this->rows[$table][$identity] = $id;
    }

    /** @return array{string, int} */
    private static function asked(int $version): array
    {
        $row = DB::table('recipe_versions')->join('recipes', 'recipes.id', '=', 'recipe_id')->where('recipe_versions.id', $version)->first(['slug', 'number']);

        return $row instanceof \stdClass && is_string($row->slug) && is_int($row->number) ? [$row->slug, $row->number] : throw new \LogicException(Say::it('records/identities.there-no-version-of-recipe', ['version' => $version]));
    }
}
