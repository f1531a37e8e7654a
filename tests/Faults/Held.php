<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Notebook\Condition;
use App\Notebook\Edition;
use App\Notebook\Inspector;
use App\Notebook\Sqlite;
use PDO;
use Tests\Browser\Served;

/**
 * What a notebook must hold after whatever happened to it.
 *
 * @phpstan-import-type Promise from Gardener
 */
final class Held
{
    /** Questions that count halves of records: what is written together is there together. */
    private const HALVES = [
        'a batch without its tally' => "select count(*) from batches b where (select count(*) from batch_items i where i.batch_id = b.id) != (select count(*) from json_each(b.document, '$.plan.loads') l, json_each(l.value, '$.items'))",
        'a thing of a tally without its spoons' => 'select count(*) from batch_items i where not exists (select 1 from batch_scoops s where s.batch_item_id = i.id)',
        'a batch that is finished by half' => 'select count(*) from batches where (made_at is null) != (made is null) or (made_at is null) != (discard_at is null)',
        'a glass that the batch does not know of' => 'select count(*) from batches b where made_at is null and exists (select 1 from stand_tests t where t.batch_id = b.id) and stand_test != (select result from stand_tests t where t.batch_id = b.id order by id desc limit 1)',
        'a batch that knows of a glass that is not there' => "select count(*) from batches b where made_at is null and stand_test != 'not-done' and not exists (select 1 from stand_tests t where t.batch_id = b.id)",
        'a case without the neighbours it makes look at' => "select count(*) from cases c join plants p on p.id = c.plant_id where p.place != '' and not exists (select 1 from watches w where w.case_id = c.id) and exists (select 1 from plants o where o.place = p.place and o.id != p.id and o.retired_at is null)",
        'a change without what was there before' => "select count(*) from counts c where c.version - 1 != (select count(*) from revisions r where r.record = 'counts' and r.record_id = c.id)",
        'a correction of a plant without what was there before' => "select count(*) from plants c where c.version - 1 != (select count(*) from revisions r where r.record = 'plants' and r.record_id = c.id)",
        'a way out without its version' => "select count(*) from batches b, json_each(b.rescues) r where json_extract(r.value, '$.version') > b.version",
        'a recipe without a version' => 'select count(*) from recipes r where not exists (select 1 from recipe_versions v where v.recipe_id = r.id)',
        'a plant that was sprayed in the bed without its round' => "select count(*) from run_taps t join run_plants p on p.run_id = t.run_id and t.step = 'plant-' || p.position where p.round_id is null",
        // What is reckoned is in step with what it was reckoned from: weighed with it, or marked as stale.
        'a round that was never weighed' => 'select count(*) from rounds r where r.taken_back_at is null and not exists (select 1 from weighed_rounds w where w.case_id = r.case_id) and not exists (select 1 from stale_cases s where s.case_id = r.case_id)',
        'a weighed round of a case that is in no order' => 'select count(*) from weighed_rounds w where not exists (select 1 from weighed_sprays s where s.pest = w.pest) and not exists (select 1 from stale_pests p where p.pest = w.pest)',
        'a submission that is there twice' => 'select count(*) - count(distinct submission) from counts',
    ];

    /** @return list<string> halves of records, and what is wrong with the file */
    public static function broken(string $notebook): array
    {
        $broken = [];
        $found = (new Inspector(Edition::of(Served::root())))->look($notebook);
        if ($found->condition !== Condition::Sound) {
            $broken[] = "{$found->condition->value}: {$found->detail}";
        }
        $pdo = Sqlite::open($notebook);
        foreach (self::HALVES as $what => $question) {
            $many = Sqlite::number($pdo, $question);
            if ($many > 0) {
                $broken[] = "{$what}: {$many}";
            }
        }

        return $broken;
    }

    /**
     * @param list<Promise> $promised
     *
     * @return list<string> what was acknowledged and is not there
     */
    public static function lost(PDO $pdo, array $promised): array
    {
        $lost = [];
        foreach ($promised as [$question, $answer]) {
            $found = Sqlite::texts($pdo, $question)[0] ?? 'nothing';
            if ($found !== (string) $answer) {
                $lost[] = "{$question}: {$found} in place of {$answer}";
            }
        }

        return $lost;
    }
}
