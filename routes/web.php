<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\CertificateController;
use App\Http\Controllers\DownloadController;
use App\Http\Controllers\JournalController;
use App\Http\Controllers\JudgeController;
use App\Http\Controllers\LoginController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\ReceiveController;
use App\Http\Controllers\ReleaseController;
use App\Http\Controllers\SetupController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShopController;
use App\Http\Controllers\ShownUnitController;
use App\Http\Controllers\StageController;
use App\Http\Controllers\VerifyController;
use App\Http\Controllers\WorkController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/login', [LoginController::class, 'create'])->name('login');
    Route::post('/login', [LoginController::class, 'store']);
});

Route::middleware('auth')->group(function (): void {
    Route::post('/logout', [LoginController::class, 'destroy'])->name('logout');
    Route::get('/', [BenchController::class, 'index'])->name('bench');
    Route::post('/shown', [ShownUnitController::class, 'store'])->name('shown');
    Route::get('/find', [BenchController::class, 'find'])->name('find');

    Route::middleware('can:run-shop')->group(function (): void {
        Route::get('/shop', [ShopController::class, 'edit'])->name('shop');
        Route::post('/shop', [ShopController::class, 'update']);
    });

    Route::get('/jobs/new', [ReceiveController::class, 'create'])->name('jobs.new')->middleware('can:receive');
    Route::post('/jobs', [ReceiveController::class, 'store'])->name('jobs.store')->middleware('can:receive');

    Route::prefix('/jobs/{job}')->group(function (): void {
        Route::get('/', [StageController::class, 'current'])->name('jobs.show');
        Route::get('/receive', [ReceiveController::class, 'show'])->name('stage.receive');
        Route::get('/clean', [StageController::class, 'clean'])->name('stage.clean');
        Route::get('/cracks', [StageController::class, 'cracks'])->name('stage.cracks');
        Route::get('/measure', [SheetController::class, 'measure'])->name('stage.measure');
        Route::get('/judge', [JudgeController::class, 'show'])->name('stage.judge');
        Route::get('/plan', [PlanController::class, 'show'])->name('stage.plan');
        Route::post('/plan', [PlanController::class, 'store'])->middleware('can:choose-plan');
        Route::get('/work', [WorkController::class, 'show'])->name('stage.work');
        Route::post('/work', [WorkController::class, 'store'])->middleware('can:work');
        Route::get('/verify', [VerifyController::class, 'show'])->name('stage.verify');
        Route::post('/verify', [VerifyController::class, 'store'])->middleware('can:verify');
        Route::get('/release', [ReleaseController::class, 'show'])->name('stage.release');
        Route::post('/release', [ReleaseController::class, 'store'])->middleware('can:release');
        Route::get('/certificate', [CertificateController::class, 'show'])->name('certificate');
        Route::get('/certificate.pdf', [CertificateController::class, 'pdf'])->name('certificate.pdf');
        Route::get('/readings.csv', [DownloadController::class, 'csv'])->name('readings.csv');
        Route::get('/readings.json', [DownloadController::class, 'json'])->name('readings.json');
        Route::get('/journal', [JournalController::class, 'show'])->name('journal');

        Route::get('/sheets/{sheet}', [SheetController::class, 'changes'])->name('sheet.changes');
        Route::middleware('can:measure')->group(function (): void {
            Route::post('/sheets/{sheet}/readings', [ReadingController::class, 'store'])->name('sheet.readings');
            Route::post('/sheets/{sheet}/undo', [ReadingController::class, 'undo'])->name('sheet.undo');
            Route::post('/sheets/{sheet}/setups', [SetupController::class, 'store'])->name('sheet.setups');
        });
    });
});

// The floor that bin/bench measures against; it is there in a benchmark only.
if (config('app.bench_floor')) {
    Route::get('/bench-floor', static fn (): string => 'floor')->withoutMiddleware('web');
}
