<?php

declare(strict_types=1);

use App\Http\Controllers\AmountController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\BatchFileController;
use App\Http\Controllers\BatchSlipController;
use App\Http\Controllers\BurnController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\CaseChoiceController;
use App\Http\Controllers\CaseController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\ComposeController;
use App\Http\Controllers\CorrectedController;
use App\Http\Controllers\CorrectionController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DeviceController;
use App\Http\Controllers\EyeController;
use App\Http\Controllers\GardenController;
use App\Http\Controllers\GateController;
use App\Http\Controllers\HandController;
use App\Http\Controllers\HouseholdController;
use App\Http\Controllers\JarController;
use App\Http\Controllers\LeafPhotoController;
use App\Http\Controllers\LeafTestController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MeasureController;
use App\Http\Controllers\MoveController;
use App\Http\Controllers\NeedController;
use App\Http\Controllers\OpeningController;
use App\Http\Controllers\PageController;
use App\Http\Controllers\PassphraseController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PingController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlantController;
use App\Http\Controllers\PlantHelpController;
use App\Http\Controllers\ReachController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\SeveralController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SprayerController;
use App\Http\Controllers\SprayerEventController;
use App\Http\Controllers\StepController;
use App\Http\Controllers\SumsController;
use App\Http\Controllers\TallyController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\TroubleController;
use App\Http\Controllers\WayOutController;
use App\Http\Controllers\WheretoController;
use App\Http\Controllers\WorkedController;
use App\Http\Middleware\InOneTransaction;
use App\Http\Middleware\NamedByKey;
use App\Records\Kinds;
use Illuminate\Support\Facades\Route;

Route::pattern('id', '[0-9]{1,18}');
Route::pattern('step', '[a-z0-9-]{1,60}');
Route::pattern('feed', '[0-9a-f]{32}');
Route::pattern('load', '[0-9]{1,9}');
Route::pattern('scoop', '[0-9]{1,18}');
Route::pattern('number', '[0-9]{1,9}');
Route::pattern('leaf', '[0-9]{1,3}');
Route::pattern('when', 'before|after');
Route::pattern('seed', '[0-9]{1,9}');
Route::pattern('pest', '[a-z-]{1,60}');
Route::pattern('shape', '[a-z]{1,20}');

Route::prefix('api')->group(static function (): void {
    Route::get('ping', PingController::class);
    Route::get('several', SeveralController::class);
    Route::get('opening', OpeningController::class);
    Route::get('whereto', WheretoController::class);
    Route::get('plants/{id}', [PlantController::class, 'show']);
    Route::get('plants/{id}/burnt', [PlantHelpController::class, 'burnt']);
    Route::get('kinds', [PlantHelpController::class, 'kind']);
    Route::get('plants/{id}/picture', [PictureController::class, 'show']);
    Route::get('catalogue', CatalogueController::class);
    Route::get('today', TodayController::class);
    Route::get('worked', WorkedController::class);
    Route::get('worked/{pest}/next', [TrialController::class, 'next']);
    Route::get('own', [WorkedController::class, 'own']);
    Route::get('trials', [TrialController::class, 'index']);
    Route::get('trials/{id}', [TrialController::class, 'show']);
    Route::get('log.json', [LogController::class, 'json']);
    Route::get('log.csv', [LogController::class, 'csv']);
    Route::get('day', DayController::class);
    Route::get('people', PeopleController::class);
    Route::get('sign-ins', SignInController::class);
    Route::get('garden', [GardenController::class, 'show']);
    Route::get('hand', HandController::class);
    Route::get('jars', JarController::class);
    Route::get('devices/water', DeviceController::class);
    Route::get('troubles', [TroubleController::class, 'index']);
    Route::get('recipes', [RecipeController::class, 'index']);
    Route::get('household', [HouseholdController::class, 'show']);
    Route::get('recipes/{slug}/versions', [RecipeController::class, 'versions']);
    Route::get('recipes/{slug}', [RecipeController::class, 'show']);
    foreach (['plants' => PlantController::class, 'sprayers' => SprayerController::class, 'measures' => MeasureController::class] as $path => $controller) {
        Route::get($path, [$controller, 'index']);
    }
    Route::get('batches', [BatchController::class, 'index']);
    Route::get('batches/{id}/document', [BatchFileController::class, 'show']);
    Route::get('batches/{id}', [BatchController::class, 'show']);
    Route::get('batches/{id}/rest', [BatchController::class, 'rest']);
    Route::get('leaf-tests', [LeafTestController::class, 'index']);
    Route::get('leaf-tests/{id}', [LeafTestController::class, 'show']);
    Route::get('leaf-tests/{id}/photos/{leaf}/{when}', [LeafPhotoController::class, 'show']);
    Route::get('leaf-drawings/{shape}', [EyeController::class, 'drawings']);
    Route::get('eye', [EyeController::class, 'latest']);
    Route::get('eye/{shape}/{seed}', [EyeController::class, 'show']);
    Route::get('cases', [CaseController::class, 'index']);
    Route::get('cases/{id}', [CaseController::class, 'show']);
    Route::get('runs', [RunController::class, 'index']);
    Route::get('runs/{id}', [RunController::class, 'show']);
    Route::get('cases/{id}/story', [CaseController::class, 'story']);
    Route::get('cases/{id}/programme', [CaseController::class, 'programme']);
    foreach (array_keys(Kinds::CORRECTABLE) as $kind) {
        Route::get("{$kind}/{id}/history", [CorrectionController::class, 'history'])->defaults('kind', $kind);
    }

    // Reckons and keeps nothing.
    Route::post('plan', [PlanController::class, 'request']);
    Route::post('gate', GateController::class);
    Route::post('bench', [PlanController::class, 'bench']);
    Route::post('diagnosis', [TroubleController::class, 'diagnose']);
    Route::post('sums', SumsController::class);
    Route::post('amount', AmountController::class);
    Route::post('need', NeedController::class);
    Route::post('reach', ReachController::class);
    Route::post('way-out', WayOutController::class);
    Route::post('compose', ComposeController::class);
    Route::post('compare', CompareController::class);
    Route::middleware(NamedByKey::class)->where(array_fill_keys(NamedByKey::NAMES, NamedByKey::PATTERN))->group(static function (): void {
        Route::post('batches/{id}/loads/{load}/way-out', [BatchSlipController::class, 'ask']);
        Route::post('leaf-tests/{id}/photos/{leaf}/{when}', [LeafPhotoController::class, 'measure']);
    });

    Route::middleware([InOneTransaction::class, NamedByKey::class])->where(array_fill_keys(NamedByKey::NAMES, NamedByKey::PATTERN))->group(static function (): void {
        Route::post('trials', [TrialController::class, 'store']);
        Route::put('trials/{id}', [TrialController::class, 'update']);
        Route::post('trials/{id}/looks', [TrialController::class, 'look']);
        Route::put('trial-looks/{id}', [TrialController::class, 'correctLook']);
        Route::put('rejudged', [TodayController::class, 'seen']);
        Route::put('log.json', [LogController::class, 'takeJson']);
        Route::put('log.csv', [LogController::class, 'takeCsv']);
        Route::post('recipes', [RecipeController::class, 'store']);
        Route::put('garden', [GardenController::class, 'store']);
        Route::post('weather/door', [GardenController::class, 'door']);
        Route::post('weather/files', [GardenController::class, 'file']);
        Route::put('household', [HouseholdController::class, 'store']);
        foreach (['plants' => PlantController::class, 'sprayers' => SprayerController::class, 'measures' => MeasureController::class] as $path => $controller) {
            Route::post($path, [$controller, 'store']);
            Route::put("{$path}/{id}", [$controller, 'update']);
            Route::put("{$path}/{id}/retired", [$controller, 'retire']);
        }
        Route::put('plants/{id}/now', [PlantController::class, 'now']);
        Route::put('plants/{id}/picture', [PictureController::class, 'store']);
        Route::post('sprayers/{id}/events', SprayerEventController::class);
        Route::post('measures/sets', [MeasureController::class, 'set']);
        Route::put('measures/{id}/calibrated', [MeasureController::class, 'calibrate']);
        Route::post('batches/documents', [BatchFileController::class, 'store']);
        Route::put('batches/{id}', [CorrectedController::class, 'batch']);
        Route::put('batches/{id}/reopened', [CorrectedController::class, 'reopen']);
        Route::post('batches', [BatchController::class, 'store']);
        Route::post('batches/{id}/finish', [BatchController::class, 'finish']);
        Route::post('batches/{id}/stand-tests', [BatchController::class, 'stand']);
        Route::put('batches/{id}/loads/{load}/slip', [BatchSlipController::class, 'keep']);
        Route::put('batches/{id}/discarded', [BatchController::class, 'discard']);
        Route::put('batches/{id}/loads/{load}/steps/{number}', StepController::class);
        Route::put('batches/{id}/scoops/{scoop}/ticks/{number}', TallyController::class);
        Route::post('leaf-tests', [LeafTestController::class, 'store']);
        Route::post('leaf-tests/{id}/readings', [LeafTestController::class, 'read']);
        Route::put('leaf-tests/{id}/photos/{leaf}/{when}', [LeafPhotoController::class, 'store']);
        Route::post('eye', [EyeController::class, 'store']);
        Route::post('rounds/{id}/burns', [BurnController::class, 'store']);
        Route::put('burns/{id}', [BurnController::class, 'update']);
        Route::post('runs', [RunController::class, 'store']);
        Route::put('runs/{id}/steps/{step}', [RunController::class, 'tap']);
        Route::put('runs/{id}/paused', [RunController::class, 'pause']);
        Route::put('runs/{id}/finished', [RunController::class, 'finish']);
        Route::post('moves', [MoveController::class, 'store']);
        Route::post('cases', [CaseController::class, 'store']);
        Route::post('cases/{id}/rounds', [CaseController::class, 'round']);
        Route::post('cases/{id}/counts', [CaseController::class, 'count']);
        Route::post('cases/{id}/choice', [CaseChoiceController::class, 'choose']);
        Route::put('cases/{id}/steps/{step}', [CaseChoiceController::class, 'step']);
        Route::put('cases/{id}/neighbours/{plant}', [CaseChoiceController::class, 'look']);
        Route::put('leaf-tests/{id}', [CorrectedController::class, 'leafTest']);
        Route::put('readings/{id}', [CorrectedController::class, 'reading']);
        Route::put('rounds/{id}', [CorrectedController::class, 'round']);
        Route::put('counts/{id}', [CorrectedController::class, 'count']);
        foreach (array_keys(Kinds::CORRECTABLE) as $kind) {
            Route::put("{$kind}/{id}/taken-back", [CorrectionController::class, 'takeBack'])->defaults('kind', $kind);
            Route::put("{$kind}/{id}/undone", [CorrectionController::class, 'undo'])->defaults('kind', $kind);
        }
        Route::put('cases/{id}/closed', [CaseController::class, 'close']);
    });
});

Route::get('calendar/{feed}.ics', CalendarController::class);
Route::post('passphrase', PassphraseController::class);
Route::post('passphrase/forget', [PassphraseController::class, 'forget']);
Route::get('{any?}', PageController::class)->where('any', '^(?!api(/|$)).*$');
