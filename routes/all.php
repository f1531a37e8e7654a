<?php

declare(strict_types=1);

use App\Http\Controllers\BatchController;
use App\Http\Controllers\BatchFileController;
use App\Http\Controllers\BatchSlipController;
use App\Http\Controllers\CaseChoiceController;
use App\Http\Controllers\CaseController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\ComposeController;
use App\Http\Controllers\CorrectedController;
use App\Http\Controllers\CorrectionController;
use App\Http\Controllers\DeviceController;
use App\Http\Controllers\HandController;
use App\Http\Controllers\HouseholdController;
use App\Http\Controllers\LeafTestController;
use App\Http\Controllers\MeasureController;
use App\Http\Controllers\NeedController;
use App\Http\Controllers\PageController;
use App\Http\Controllers\PassphraseController;
use App\Http\Controllers\PingController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlantController;
use App\Http\Controllers\ReachController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\SprayerController;
use App\Http\Controllers\SumsController;
use App\Http\Controllers\TallyController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\TroubleController;
use App\Http\Controllers\WayOutController;
use App\Http\Controllers\WorkedController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(static function (): void {
    Route::get('ping', PingController::class);
    Route::post('plan', [PlanController::class, 'request']);
    Route::post('bench', [PlanController::class, 'bench']);
    Route::get('catalogue', CatalogueController::class);
    Route::get('today', TodayController::class);
    Route::get('worked', WorkedController::class);

    Route::get('hand', HandController::class);
    Route::get('devices/water', DeviceController::class);
    Route::get('troubles', [TroubleController::class, 'index']);
    Route::post('diagnosis', [TroubleController::class, 'diagnose']);

    Route::get('recipes', [RecipeController::class, 'index']);
    Route::post('recipes', [RecipeController::class, 'store']);
    Route::post('sums', SumsController::class);
    Route::post('need', NeedController::class);
    Route::post('reach', ReachController::class);
    Route::post('way-out', WayOutController::class);
    Route::post('compose', ComposeController::class);
    Route::post('compare', CompareController::class);
    Route::get('household', [HouseholdController::class, 'show']);
    Route::put('household', [HouseholdController::class, 'store']);
    Route::get('recipes/{slug}/versions', [RecipeController::class, 'versions']);
    Route::get('recipes/{slug}', [RecipeController::class, 'show']);

    foreach (['plants' => PlantController::class, 'sprayers' => SprayerController::class, 'measures' => MeasureController::class] as $path => $controller) {
        Route::get($path, [$controller, 'index']);
        Route::post($path, [$controller, 'store']);
        Route::put("{$path}/{id}", [$controller, 'update'])->whereNumber('id');
        Route::put("{$path}/{id}/retired", [$controller, 'retire'])->whereNumber('id');
    }
    Route::put('measures/{id}/calibrated', [MeasureController::class, 'calibrate'])->whereNumber('id');

    Route::get('batches', [BatchController::class, 'index']);
    Route::post('batches/documents', [BatchFileController::class, 'store']);
    Route::get('batches/{id}/document', [BatchFileController::class, 'show'])->whereNumber('id');
    Route::put('batches/{id}', [CorrectedController::class, 'batch'])->whereNumber('id');
    Route::put('batches/{id}/reopened', [CorrectedController::class, 'reopen'])->whereNumber('id');
    Route::post('batches', [BatchController::class, 'store']);
    Route::get('batches/{id}', [BatchController::class, 'show'])->whereNumber('id');
    Route::post('batches/{id}/finish', [BatchController::class, 'finish'])->whereNumber('id');
    Route::post('batches/{id}/stand-tests', [BatchController::class, 'stand'])->whereNumber('id');
    Route::post('batches/{id}/loads/{load}/way-out', [BatchSlipController::class, 'ask'])->whereNumber(['id', 'load']);
    Route::put('batches/{id}/loads/{load}/slip', [BatchSlipController::class, 'keep'])->whereNumber(['id', 'load']);
    Route::put('batches/{id}/discarded', [BatchController::class, 'discard'])->whereNumber('id');
    Route::put('batches/{id}/scoops/{scoop}/ticks/{number}', TallyController::class)->whereNumber(['id', 'scoop', 'number']);

    Route::get('leaf-tests', [LeafTestController::class, 'index']);
    Route::post('leaf-tests', [LeafTestController::class, 'store']);
    Route::get('leaf-tests/{id}', [LeafTestController::class, 'show'])->whereNumber('id');
    Route::post('leaf-tests/{id}/readings', [LeafTestController::class, 'read'])->whereNumber('id');

    Route::get('cases', [CaseController::class, 'index']);
    Route::post('cases', [CaseController::class, 'store']);
    Route::get('cases/{id}', [CaseController::class, 'show'])->whereNumber('id');
    Route::post('cases/{id}/rounds', [CaseController::class, 'round'])->whereNumber('id');
    Route::post('cases/{id}/counts', [CaseController::class, 'count'])->whereNumber('id');
    Route::post('cases/{id}/choice', [CaseChoiceController::class, 'choose'])->whereNumber('id');
    Route::put('cases/{id}/steps/{step}', [CaseChoiceController::class, 'step'])->whereNumber('id');
    Route::put('watches/{id}', [CaseChoiceController::class, 'look'])->whereNumber('id');
    Route::put('leaf-tests/{id}', [CorrectedController::class, 'leafTest'])->whereNumber('id');
    Route::put('readings/{id}', [CorrectedController::class, 'reading'])->whereNumber('id');
    Route::put('rounds/{id}', [CorrectedController::class, 'round'])->whereNumber('id');
    Route::put('counts/{id}', [CorrectedController::class, 'count'])->whereNumber('id');
    foreach (array_keys(CorrectionController::KINDS) as $kind) {
        Route::put("{$kind}/{id}/taken-back", [CorrectionController::class, 'takeBack'])->whereNumber('id')->defaults('kind', $kind);
        Route::put("{$kind}/{id}/undone", [CorrectionController::class, 'undo'])->whereNumber('id')->defaults('kind', $kind);
        Route::get("{$kind}/{id}/history", [CorrectionController::class, 'history'])->whereNumber('id')->defaults('kind', $kind);
    }
    Route::put('cases/{id}/closed', [CaseController::class, 'close'])->whereNumber('id');
});

Route::post('passphrase', PassphraseController::class);
Route::get('{any?}', PageController::class)->where('any', '^(?!api(/|$)).*$');
