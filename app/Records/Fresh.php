<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Stale;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use PDOException;

/**
 * Sees to it that nothing stale is told: a call that writes says whose evidence is to be weighed anew, and whoever asks next weighs it. So
 * a count is kept quickly, however much it hangs together with.
 */
final readonly class Fresh
{
    /** What the evidence is weighed by, from the root of the project. */
    private const RULES = ['core/src/Evidence', 'core/src/Choice', 'core/src/Method', 'core/src/Course', 'core/src/Schedule', 'core/data', 'core/data/lines', 'core/data/troubles', 'core/data/sprays', 'core/data/ingredients', 'app/Records'];

    /** SQLite: read-only, fault of input or output, full (https://www.sqlite.org/rescode.html). */
    private const CANNOT_WRITE = [8, 10, 13];

    public function __construct(private Connection $notebook, private Weigher $weigher) {}

    /**
     * At each start, before anything is served: the rules may be others than those it was weighed by.
     *
     * @return array{rounds: list<array{round: int, was: array{outcome: string, percent: float|null}, now: array{outcome: string, percent: float|null}}>, cases: list<array{case: int, was: int|null, now: int|null}>} rounds that they judge otherwise, and cases that are sprayed after other days
     */
    public function byTheseRules(): array
    {
        $rules = self::rules();
        if (DB::table('notebook')->where('weighed_by', $rules)->exists()) {
            return ['rounds' => [], 'cases' => []];
        }
        $before = Rejudged::judgements();
        $days = Rejudged::days();
        Together::of($this->notebook, function () use ($rules): void {
            Stale::everything();
            DB::delete('delete from weighed_sprays');
            DB::table('notebook')->update(['weighed_by' => $rules]);
            $this->weigher->all();
        });

        return ['rounds' => Rejudged::between($before, Rejudged::judgements()), 'cases' => Rejudged::moved($days, Rejudged::daysNow())];
    }

    /** What each case came to, and when it is due. */
    public function cases(): void
    {
        if (DB::selectOne('select 1 from stale_cases limit 1') !== null) {
            $this->kept($this->weigher->freshen(...));
        }
    }

    public function all(): void
    {
        if (DB::selectOne('select 1 from stale_cases union all select 1 from stale_pests limit 1') !== null) {
            $this->kept($this->weigher->all(...));
        }
    }

    /** Where a disk is full, fails or may not be written to, what was reckoned before is told: to read is better than nothing. */
    public function kept(Closure $reckon): void
    {
        try {
            Together::of($this->notebook, $reckon);
        } catch (PDOException $fault) {
            if (! in_array($fault->errorInfo[1] ?? null, self::CANNOT_WRITE, true)) {
                throw $fault;
            }
        }
    }

    /** Sizes and times of the files that hold the rules: quick to read, and other ones when they were changed. */
    private static function rules(): string
    {
        $all = '';
        foreach (self::RULES as $folder) {
            foreach ((array) glob(base_path("{$folder}/*.php")) as $file) {
                $all .= $file . filesize((string) $file) . filemtime((string) $file);
            }
        }

        return hash('sha256', $all);
    }
}
