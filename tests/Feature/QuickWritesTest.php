<?php

declare(strict_types=1);

use Database\Demo\DemoSeason;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Notebook;

it('keeps a count with few questions, however many rounds there were, and weighs it once somebody asks', function (): void {
    app(DemoSeason::class)->write(new DateTimeImmutable());
    Notebook::weighed();
    $case = DB::table('weighed_rounds')->value('case_id');
    assert(is_int($case));
    DB::enableQueryLog();
    $saved = Notebook::sent("/api/cases/{$case}/counts", ['value' => 4_000]);
    $asked = count(DB::getQueryLog());
    DB::disableQueryLog();

    expect($saved->status)->toBe(201)->and($asked)->toBeLessThan(12)
        ->and(DB::table('stale_cases')->pluck('case_id')->all())->toBe([$case])
        ->and(Notebook::get('/api/worked')->status)->toBe(200)
        ->and(DB::table('stale_cases')->count())->toBe(0);
});

it('says when a case is due next by what was counted just before', function (): void {
    $case = Notebook::case(Notebook::plant());
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => Notebook::mixed($case), 'override' => 'It was urgent']);
    expect(Notebook::get('/api/today')->text)->toContain('count-after');
});
