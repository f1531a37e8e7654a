<?php

declare(strict_types=1);

namespace Tests\Faults;

use Generator;
use Tests\Feature\Leaves;

/**
 * Somebody who writes everything there is to write, one call after the other, and remembers what was acknowledged as a
 * question to the notebook and its only right answer.
 *
 * @phpstan-type Promise array{string, int|string}
 */
final class Gardener
{
    /** @var list<Promise> */
    public array $promised = [];

    /** Kinds of write that were acknowledged at least once.
     *
     * @var array<string, int>
     */
    public array $kinds = [];

    /** What came back in place of “saved”, where anything did. */
    public string $refused = '';

    /** @return Generator<mixed, Call, Reply, mixed> */
    public function season(string $place): Generator
    {
        try {
            yield from $this->everything($place);
        } catch (NotAcknowledged $e) {
            $this->refused = $e->reply->status === 0 ? '' : $e->getMessage();
        }
    }

    /** @return Generator<mixed, Call, Reply, mixed> */
    private function everything(string $place): Generator
    {
        $plant = yield from $this->made('plants', Call::make('/api/plants', ['name' => 'Aster', 'tolerance' => 'ordinary-leaf', 'place' => $place]));
        $second = yield from $this->made('plants', Call::make('/api/plants', ['name' => 'Borage', 'tolerance' => 'ordinary-leaf', 'place' => $place]));
        $can = yield from $this->made('sprayers', Call::make('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']]));
        $spoon = yield from $this->made('measures', Call::make('/api/measures', ['name' => 'Spoon', 'holds' => ['amount' => 5, 'unit' => 'mL']]));
        yield from $this->changed("/api/measures/{$spoon}/calibrated", ['basedOn' => 1, 'count' => 10, 'came' => ['amount' => 47, 'unit' => 'mL']], "select version >= 2 from measures where id = {$spoon}", 1);
        yield from $this->changed("/api/sprayers/{$can}", ['basedOn' => 1, 'pours' => [['mL' => 500, 'mm' => 40]]], "select version >= 2 from sprayers where id = {$can}", 1);
        yield from $this->changed("/api/plants/{$second}", ['basedOn' => 1, 'name' => 'Borage, blue', 'tolerance' => 'hairy-leaf', 'place' => $place], "select name from plants where id = {$second}", 'Borage, blue');
        yield from $this->changed("/api/plants/{$second}/retired", ['basedOn' => 2, 'retired' => true], "select count(*) from plants where id = {$second} and retired_at is not null", 1);
        yield from $this->recipe();
        $case = yield from $this->made('cases', Call::make('/api/cases', ['plantId' => $plant, 'pest' => 'aphids', 'notes' => $place]));
        yield from $this->changed("/api/cases/{$case}/steps/water-jet", ['done' => true], "select count(*) from case_steps where case_id = {$case}", 1);
        $batch = yield from $this->batch($can, $plant, $case);
        $test = yield from $this->made('leaf_tests', Call::make('/api/leaf-tests', ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false]));
        $look = yield from $this->made('leaf_readings', Call::make("/api/leaf-tests/{$test}/readings", ['leaves' => Leaves::seen(0, 0)]), 'saved.id');
        yield from $this->changed("/api/readings/{$look}", ['basedOn' => 1, 'leaves' => Leaves::seen(0, 3)], "select json_extract(leaves, '$[1].share') = 3.0 from leaf_readings where id = {$look}", 1);
        $round = yield from $this->made('rounds', Call::make("/api/cases/{$case}/rounds", ['batchId' => $batch, 'notes' => $place, 'override' => 'It was urgent']), 'saved.id');
        yield from $this->changed("/api/rounds/{$round}", ['basedOn' => 1, 'batchId' => $batch, 'handWork' => true], "select hand_work from rounds where id = {$round}", 1);
        yield from $this->made('sprayer_events', Call::make("/api/sprayers/{$can}/events", ['kind' => 'washed']), 'saved.id');
        yield from $this->made('task_moves', Call::make('/api/moves', ['kind' => 'count-after', 'ref' => $case, 'plannedAt' => gmdate('Y-m-d\TH:i:s\Z'), 'to' => null, 'reason' => $place]), 'saved.id');
        $door = Call::make('/api/weather/door', ['text' => '24 C, breeze, dry']);
        yield from $this->asked('weather_reports', $door);
        $key = $door->body['submission'] ?? '';
        assert(is_string($key));
        $this->promised[] = ["select count(*) from weather_reports where submission = '{$key}'", 1];
        $count = yield from $this->made('counts', Call::make("/api/cases/{$case}/counts", ['value' => 3]), 'saved.id');
        yield from $this->changed("/api/counts/{$count}", ['basedOn' => 1, 'value' => 30], "select count(*) >= 1 from revisions where record = 'counts' and record_id = {$count}", 1);
        yield from $this->changed("/api/counts/{$count}/undone", ['basedOn' => 2], "select count(*) >= 2 from revisions where record = 'counts' and record_id = {$count}", 1);
        yield from $this->changed("/api/counts/{$count}/taken-back", ['basedOn' => 3, 'takenBack' => true], "select count(*) from counts where id = {$count} and taken_back_at is not null", 1);
        $each = yield from $this->made('counts', Call::make("/api/cases/{$case}/counts", ['each' => [1, '6-20', 3], 'newClean' => true, 'spots' => $place]), 'saved.id');
        $this->promised[] = ["select json_array_length(\"each\") from counts where id = {$each}", 3];
        $trial = yield from $this->made('trials', Call::make('/api/trials', ['pest' => 'aphids', 'name' => $place, 'one' => 'Soap', 'otherAlone' => true, 'plantIds' => [$plant], 'unit' => 'leaf', 'units' => 6]));
        yield from $this->asked('trial_looks', Call::make("/api/trials/{$trial}/looks", ['counts' => [1, 2, 3, 4, 5, null]]));
        $this->promised[] = ["select count(*) from trial_looks where trial_id = {$trial}", 1];
        yield from $this->changed("/api/trials/{$trial}", ['basedOn' => 1, 'sprayed' => true], "select count(*) from trials where id = {$trial} and sprayed_at is not null", 1);
        yield from $this->changed("/api/cases/{$case}/closed", ['basedOn' => 1, 'closed' => true, 'conclusion' => $place], "select conclusion from cases where id = {$case}", $place);
    }

    /** @return Generator<mixed, Call, Reply, int> */
    private function batch(int $can, int $plant, int $case): Generator
    {
        $call = Call::make('/api/batches', ['bench' => ['request' => ['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 2, 'unit' => '[gal_us]'], 'sprayer' => ['amount' => 1, 'unit' => '[gal_us]']]], 'sprayerId' => $can, 'plantId' => $plant, 'caseId' => $case]);
        $reply = yield from $this->asked('batches', $call);
        $batch = $reply->id();
        $this->promised[] = ["select count(*) from batches where id = {$batch}", 1];
        $scoop = $reply->id('items.0.scoops.0.id');
        yield from $this->changed("/api/batches/{$batch}/scoops/{$scoop}/ticks/1", ['ticked' => true], "select count(*) from batch_ticks t join batch_scoops s on s.id = t.batch_scoop_id join batch_items i on i.id = s.batch_item_id where i.batch_id = {$batch} and t.number = 1", 1);
        $slip = [['kind' => 'count', 'item' => 'neem-oil', 'scoop' => 0, 'from' => 5, 'to' => 8]];
        yield from $this->changed("/api/batches/{$batch}/loads/2/slip", ['basedOn' => 1, 'slips' => $slip, 'remedy' => 'pour-off'], "select json_extract(rescues, '$.2.taken.remedy') from batches where id = {$batch}", 'pour-off');
        yield from $this->asked('stand_tests', Call::make("/api/batches/{$batch}/stand-tests", ['result' => 'even', 'seconds' => 60]));
        $this->promised[] = ["select count(*) from stand_tests where batch_id = {$batch}", 1];
        $finish = new Call('POST', "/api/batches/{$batch}/finish", ['standTest' => 'ring', 'keeping' => 'patient', 'notes' => 'n']);
        yield from $this->asked('finish', $finish);
        $this->promised[] = ["select stand_test || keeping || (made is not null) from batches where id = {$batch}", 'ringpatient1'];
        yield from $this->run($batch, $case);
        yield from $this->changed("/api/batches/{$batch}/discarded", ['discarded' => true], "select count(*) from batches where id = {$batch} and discarded_at is not null", 1);
        return $batch;
    }

    /** @return Generator<mixed, Call, Reply, void> */
    private function run(int $batch, int $case): Generator
    {
        $run = yield from $this->made('runs', Call::make('/api/runs', ['batchId' => $batch, 'caseIds' => [$case], 'override' => 'It was urgent']));
        yield from $this->changed("/api/runs/{$run}/steps/plant-1", ['done' => true], "select count(*) from run_plants p join rounds r on r.id = p.round_id where p.run_id = {$run}", 1);
        yield from $this->changed("/api/runs/{$run}/paused", ['paused' => true], "select count(*) from runs where id = {$run} and (paused_at is not null or finished_at is not null)", 1);
        yield from $this->changed("/api/runs/{$run}/finished", ['leftMl' => 0, 'rest' => 'kept'], "select count(*) from runs where id = {$run} and finished_at is not null", 1);
    }

    /** @return Generator<mixed, Call, Reply, void> */
    private function recipe(): Generator
    {
        $slug = 'own-' . bin2hex(random_bytes(6));
        $recipe = [
            'format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => $slug, 'name' => 'Own', 'use' => 'foliar', 'order' => 'all-together',
            'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'], 'lines' => [['ingredient' => 'castile-soap', 'amount' => 5, 'unit' => 'mL']], 'notes' => '',
        ];
        yield from $this->asked('recipes', new Call('POST', '/api/recipes', $recipe));
        $this->promised[] = ["select count(*) from recipe_versions v join recipes r on r.id = v.recipe_id where r.slug = '{$slug}'", 1];
    }

    /** @return Generator<mixed, Call, Reply, int> */
    private function made(string $table, Call $call, string $id = 'id'): Generator
    {
        $reply = yield from $this->asked($table, $call);
        $key = $call->body['submission'] ?? '';
        assert(is_string($key));
        $this->promised[] = ["select count(*) from {$table} where submission = '{$key}' and id = {$reply->id($id)}", 1];

        return $reply->id($id);
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return Generator<mixed, Call, Reply, void>
     */
    private function changed(string $path, array $body, string $question, int|string $answer): Generator
    {
        yield from $this->asked((string) preg_replace('#\d+#', 'n', $path), new Call('PUT', $path, $body));
        $this->promised[] = [$question, $answer];
    }

    /** @return Generator<mixed, Call, Reply, Reply> */
    private function asked(string $kind, Call $call): Generator
    {
        $reply = yield $call;
        if (! $reply->acknowledged()) {
            throw new NotAcknowledged($call, $reply);
        }
        $this->kinds[$kind] = ($this->kinds[$kind] ?? 0) + 1;

        return $reply;
    }
}
