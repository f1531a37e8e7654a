<?php

declare(strict_types=1);

use App\Http\Failures;
use App\Http\Middleware\AsHouseholdWrites;
use App\Http\Middleware\ByItsHour;
use App\Http\Middleware\HomeOrPassphrase;
use App\Http\Middleware\OfThisNotebook;
use App\Http\Middleware\OnlyOwnPages;
use App\Http\Middleware\OnlySoundNotebook;
use App\Http\Middleware\ReadsOnce;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\ValidatePostSize;
use Illuminate\Support\Facades\Route;

$root = dirname(__DIR__);
$data = getenv('MIXER_DATA');

$app = Application::configure(basePath: $root)
    ->withRouting(using: static function () use ($root): void {
        Route::group([], "{$root}/routes/all.php");
    })
    ->withMiddleware(static function (Middleware $middleware): void {
        // The page and its API share one origin, so nothing for other origins stands here.
        $middleware->use([SecurityHeaders::class, ValidatePostSize::class, OnlyOwnPages::class, HomeOrPassphrase::class, OnlySoundNotebook::class, OfThisNotebook::class, ByItsHour::class, ReadsOnce::class, AsHouseholdWrites::class]);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        Failures::describe($exceptions);
    })
    ->create();

$app->useEnvironmentPath("{$root}/bootstrap")->loadEnvironmentFrom('environment');
$app->useStoragePath((is_string($data) && $data !== '' ? $data : "{$root}/var/data") . '/storage');

return $app;
