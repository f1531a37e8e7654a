<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Stale;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;

/**
 * Sees to it that nothing stale is told. As a rule every call that writes has weighed what it changed, and there is nothing to do;
 * a notebook that was brought forward, mended, or weighed by other rules is weighed anew.
 */
final readonly class Fresh
{
    /** What the evidence is weighed by, from the root of the project. */
    private const RULES = ['core/src/Evidence', 'core/src/Choice', 'core/src/Wording', 'core/data', 'core/data/lines', 'app/Records'];

    public function __construct(private Connection $notebook, private Weigher $weigher) {}

    /** At each start, before anything is served: the rules may be others than those it was weighed by. */
    public function byTheseRules(): void
    {
        $rules = self::rules();
        if (DB::table('notebook')->where('weighed_by', $rules)->exists()) {
            return;
        }
        Together::of($this->notebook, function () use ($rules): void {
            Stale::everything();
            DB::delete('delete from weighed_sprays');
            DB::table('notebook')->update(['weighed_by' => $rules]);
            $this->weigher->freshen();
        });
    }

    public function all(): void
    {
        if (DB::selectOne('select 1 from stale_cases union all select 1 from stale_pests limit 1') !== null) {
            Together::of($this->notebook, $this->weigher->freshen(...));
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
