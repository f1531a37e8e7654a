<?php

declare(strict_types=1);

use App\Models\Batch;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Plant;
use Database\Demo\DemoSeason;
use Illuminate\Support\Facades\Artisan;
use Tests\Feature\Contract;
use Tests\Feature\Notebook;

/** @return array{int, string, string} exit status, output, complaints */
function mixerPlan(string $input): array
{
    $pipes = [];
    $process = proc_open([\PHP_BINARY, 'artisan', 'mixer:plan', '-', '--json'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, dirname(__DIR__, 2));
    assert($process !== false);
    // More than the pipe holds, of which only the beginning is read.
    stream_set_blocking($pipes[0], false);
    for ($at = 0; $at < strlen($input); $at += $wrote) {
        $wrote = @fwrite($pipes[0], substr($input, $at, 65_536));
        if ($wrote === false || proc_get_status($process)['running'] === false) {
            break;
        }
        if ($wrote === 0) {
            usleep(1000);
        }
    }
    fclose($pipes[0]);
    $out = (string) stream_get_contents($pipes[1]);
    $err = (string) stream_get_contents($pipes[2]);

    return [proc_close($process), $out, $err];
}

it('plans one and a half gallons with a gallon sprayer in two loads, by the sums of the open documents', function (): void {
    [$status, $out] = mixerPlan('{"recipe":"neem-leaf-quart","make":{"amount":1.5,"unit":"[gal_us]"},"sprayer":{"amount":1,"unit":"[gal_us]"}}');
    $plan = json_decode($out, true, 64, \JSON_THROW_ON_ERROR);
    assert(is_array($plan) && is_array($plan['loads']));

    expect($status)->toBe(0)->and(Contract::schemaFault('plan', $out))->toBe('')->and($plan['loads'])->toHaveCount(2);
    $sum = 0.0;
    foreach ([$plan, ...$plan['loads']] as $i => $part) {
        assert(is_array($part) && is_array($part['lines']) && is_float($part['water_mL']) && is_float($part['finished_mL']));
        $lines = array_sum(array_column($part['lines'], 'mL'));
        expect($part['water_mL'] + $lines)->toEqualWithDelta($part['finished_mL'], 1e-6);
        $sum += $i === 0 ? 0.0 : $part['finished_mL'];
    }
    expect($sum)->toEqualWithDelta(1.5 * 3785.411784, 1e-6);
});

it('exits with 1 and the path of the fault on bad input', function (string $input, string $path): void {
    [$status, $out] = mixerPlan($input);
    $answer = json_decode($out, true, 64, \JSON_THROW_ON_ERROR);
    assert(is_array($answer) && is_array($answer['error']));

    expect($status)->toBe(1)->and($answer['error']['path'])->toBe($path)->and($answer['error']['message'])->toBeString()->and($answer['error']['message'])->not->toBe('');
})->with([
    'unknown unit' => ['{"recipe":"mild-soap","make":{"amount":1,"unit":"bucket"}}', '/make/unit'],
    'unknown ingredient' => ['{"recipe":{"format":"idle-mixer/recipe","version":1,"slug":"a","name":"a","use":"foliar","order":"blender","basis":{"amount":1,"unit":"L","of":"water"},"lines":[{"ingredient":"tobacco","amount":1,"unit":"mL"}]},"make":{"amount":1,"unit":"L"}}', '/recipe/lines/0/ingredient'],
    'zero' => ['{"recipe":"mild-soap","make":{"amount":0,"unit":"L"}}', '/make/amount'],
    'negative' => ['{"recipe":"mild-soap","make":{"amount":-2,"unit":"L"}}', '/make/amount'],
    'infinite' => ['{"recipe":"mild-soap","make":{"amount":1e999,"unit":"L"}}', '/make/amount'],
    'a number as text' => ['{"recipe":"mild-soap","make":{"amount":"2","unit":"L"}}', '/make/amount'],
    'unknown key' => ['{"recipe":"mild-soap","make":{"amount":2,"unit":"L"},"colour":1}', '/colour'],
    'too many loads' => ['{"recipe":"mild-soap","make":{"amount":5000,"unit":"L"},"sprayer":{"amount":1,"unit":"L"}}', '/make/amount'],
    'empty' => ['', ''],
    'not JSON' => ['two spoons', ''],
    'five megabytes' => ['{"recipe":"' . str_repeat('a', 5_000_000) . '"}', ''],
]);

it('says so when there is no such file', function (): void {
    expect(Artisan::call('mixer:plan', ['file' => '/no/such/file', '--json' => true]))->toBe(1)->and(Artisan::output())->toContain('cannot be read');
});

it('reads out a plan in words', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'plan');
    file_put_contents($file, '{"recipe":"mild-soap","make":{"amount":1,"unit":"L"}}');
    expect(Artisan::call('mixer:plan', ['file' => $file]))->toBe(0)->and(Artisan::output())->toContain('dish detergent', '[ok]');
    unlink($file);
});

it('fills an empty notebook with a season in which everything has happened', function (): void {
    app(DemoSeason::class)->write(new DateTimeImmutable());
    expect(Plant::query()->count())->toBe(10);
    $outcomes = [];
    $records = Notebook::get('/api/worked');
    foreach ($records->list('records') as $i => $record) {
        array_push($outcomes, ...$records->list("records.{$i}.outcomes"));
    }
    $tests = Notebook::get('/api/leaf-tests');
    $leaf = [];
    foreach ($tests->list('leafTests') as $i => $test) {
        $leaf[] = $tests->text("leafTests.{$i}.outcome");
    }

    expect($outcomes)->toContain('worked', 'helped', 'failed', 'no-count-after')
        ->and($leaf)->toContain('go-ahead', 'refuse', 'look-now')
        ->and(Batch::query()->whereIn('stand_test', ['ring', 'layer'])->count())->toBeGreaterThan(1)
        ->and(Batch::query()->whereNull('made_at')->count())->toBe(1)
        ->and(PestCase::query()->whereNull('closed_at')->count())->toBeGreaterThan(2)
        ->and(PestCase::query()->whereNotNull('closed_at')->count())->toBeGreaterThan(2)
        ->and(LeafTest::query()->count())->toBeGreaterThan(5)
        ->and(count(Notebook::get('/api/today')->list('tasks')))->toBeGreaterThan(5);
});

it('lists the files that a request needs', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'list');
    expect(Artisan::call('mixer:preload-list', ['file' => $file]))->toBe(0)
        ->and((string) file_get_contents($file))->toContain('/core/src/Plan/Planner.php')
        // Catalogues are read, not compiled ahead; the lines among them are classes.
        ->and((string) file_get_contents($file))->not->toContain('/core/data/limits.php')
        ->and((string) file_get_contents($file))->toContain('/core/data/lines/MeasureLines.php');
    unlink($file);
});
