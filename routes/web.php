<?php

declare(strict_types=1);

use App\Bench\BenchController;
use App\Bench\ShownUnitController;
use App\Customers\CustomerController;
use App\Documents\CertificateController;
use App\Documents\DownloadController;
use App\Door\HealthController;
use App\Door\LoginController;
use App\Door\OwnPageController;
use App\Door\PeopleController;
use App\Door\StillIn;
use App\Feed\FeedController;
use App\Gauges\GaugeController;
use App\History\HistoryController;
use App\Load\FeedsController;
use App\Load\HoursController;
use App\Load\LoadController;
use App\Machines\MachineController;
use App\Offers\MailboxController;
use App\Offers\OfferController;
use App\Offers\OpenOfferController;
use App\Parts\PartsController;
use App\Practice\BlockController;
use App\Practice\MethodController;
use App\Practice\PracticeController;
use App\Practice\RockingController;
use App\Practice\SettingController;
use App\Running\RunningController;
use App\Sheet\BoreController;
use App\Sheet\CheckBackController;
use App\Sheet\CrankshaftController;
use App\Sheet\Import\ImportController;
use App\Sheet\ReadingController;
use App\Sheet\SeatController;
use App\Sheet\SetupController;
use App\Sheet\SheetController;
use App\Shop\PriceController;
use App\Shop\ShelfController;
use App\Shop\ShopController;
use App\Shop\TabletController;
use App\SpecBook\DerivedFamilyController;
use App\SpecBook\EditSheetController;
use App\SpecBook\LookupController;
use App\SpecBook\NewFamilyController;
use App\SpecBook\SheetFileController;
use App\SpecBook\SheetOfJobController;
use App\SpecBook\SpecBookController;
use App\Stages\Clean\CleanController;
use App\Stages\Cracks\CracksController;
use App\Stages\Judge\JudgeController;
use App\Stages\Plan\PlanController;
use App\Stages\Receive\PhotoController;
use App\Stages\Receive\ReceiveController;
use App\Stages\Receive\ReceivedController;
use App\Stages\Release\ReleaseController;
use App\Stages\StageController;
use App\Stages\Verify\AcceptanceController;
use App\Stages\Verify\VerifyController;
use App\Stages\Work\Logs\CardController;
use App\Stages\Work\PrintController;
use App\Stages\Work\WorkController;
use App\WholeEngines\EngineController;
use App\WholeEngines\OwnEngine;
use App\WholeEngines\SightController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/login', [LoginController::class, 'create'])->name('login');
    Route::post('/login', [LoginController::class, 'store']);
    Route::get('/login/code', [LoginController::class, 'code'])->name('login.code');
    Route::post('/login/code', [LoginController::class, 'storeCode']);
});

Route::withoutMiddleware('web')->group(function (): void {
    Route::get('/up', [HealthController::class, 'up']);
    // Kept by the browser for when the house cannot be reached; of nobody.
    Route::view('/no-network', 'errors.no-network');
    Route::get('/health', [HealthController::class, 'health'])->middleware('throttle:120,1');
});

Route::get('/certificate/schema', [CertificateController::class, 'schema']);
Route::get('/certificates/{code}', [CertificateController::class, 'standing'])
    ->name('certificate.standing')
    ->where('code', '[0-9A-Za-z]{26}')
    ->middleware('throttle:60,1');

Route::middleware(['auth', StillIn::class, OwnEngine::class])->group(function (): void {
    Route::get('/own', [OwnPageController::class, 'show'])->name('own');
    Route::post('/own/password', [OwnPageController::class, 'password'])->name('own.password');
    Route::post('/own/sessions', [OwnPageController::class, 'endSession'])->name('own.sessions');
    Route::post('/own/second-factor/new', [OwnPageController::class, 'beginSecondFactor'])->name('own.factor.new');
    Route::post('/own/second-factor', [OwnPageController::class, 'setSecondFactor'])->name('own.factor');
    Route::post('/own/second-factor/off', [OwnPageController::class, 'removeSecondFactor'])->name('own.factor.off');
    Route::middleware('can:run-shop')->group(function (): void {
        Route::get('/people', [PeopleController::class, 'index'])->name('people');
        Route::post('/people', [PeopleController::class, 'store']);
        Route::post('/people/rules', [PeopleController::class, 'rules']);
        Route::prefix('/people/{person}')
            ->whereNumber('person')
            ->group(function (): void {
                Route::post('/', [PeopleController::class, 'update']);
                Route::post('/lock', [PeopleController::class, 'lock']);
                Route::post('/unlock', [PeopleController::class, 'unlock']);
                Route::post('/password', [PeopleController::class, 'password']);
                Route::post('/sessions', [PeopleController::class, 'endSessions']);
                Route::post('/second-factor', [PeopleController::class, 'removeSecondFactor']);
            });
    });
    Route::post('/logout', [LoginController::class, 'destroy'])->name('logout');
    Route::get('/', [BenchController::class, 'index'])->name('bench');
    Route::post('/shown', [ShownUnitController::class, 'store'])->name('shown');
    Route::post('/shown/axes', [ShownUnitController::class, 'axes']);
    Route::get('/find', [BenchController::class, 'find'])->name('find');

    Route::get('/specs', [SpecBookController::class, 'index'])->name('specs');
    Route::get('/specs/schema', [SheetFileController::class, 'schema'])->name('specs.schema');
    Route::get('/specs/lookup', [LookupController::class, 'show'])->name('specs.lookup');
    Route::get('/specs/{family}', [SpecBookController::class, 'show'])
        ->name('specs.show')
        ->where('family', '(?!new$)[^/]+');
    Route::get('/specs/{family}/compare', [SpecBookController::class, 'compare'])->name('specs.compare');
    Route::get('/specs/{family}/export', [SheetFileController::class, 'export'])->name('specs.export');

    Route::middleware('can:measure')->group(function (): void {
        Route::get('/feed/waiting', [FeedController::class, 'waiting']);
        Route::post('/feed/taken', [FeedController::class, 'taken']);
        Route::post('/feed/asks', [FeedController::class, 'ask']);
        Route::post('/feed/releases', [FeedController::class, 'release']);
    });
    Route::get('/customers', [CustomerController::class, 'index'])->name('customers');
    Route::get('/customers/{customer}', [CustomerController::class, 'show'])
        ->name('customers.show')
        ->whereNumber('customer');
    Route::middleware('can:answer-for-customer')->group(function (): void {
        Route::post('/customers/{customer}', [CustomerController::class, 'update'])->whereNumber('customer');
        Route::post('/customers/{customer}/merge', [CustomerController::class, 'merge'])->whereNumber('customer');
    });
    Route::get('/mailbox', [MailboxController::class, 'show'])
        ->name('mailbox')
        ->middleware('can:answer-for-customer');
    Route::get('/gauges', [GaugeController::class, 'index'])->name('gauges');
    Route::middleware('can:keep-gauges')->group(function (): void {
        Route::post('/gauges', [GaugeController::class, 'store']);
        Route::post('/masters', [GaugeController::class, 'storeMaster']);
        Route::post('/gauges/{gauge}/calibrations', [GaugeController::class, 'calibrate']);
        Route::post('/gauges/{gauge}/studies', [GaugeController::class, 'study']);
        Route::post('/gauges/{gauge}/checks', [GaugeController::class, 'check']);
        Route::post('/gauges/{gauge}/retirement', [GaugeController::class, 'retire']);
        Route::post('/gauges/{gauge}/tokens', [GaugeController::class, 'token']);
    });
    Route::get('/gauges/{gauge}', [GaugeController::class, 'show'])->name('gauges.show');
    Route::get('/gauges/{gauge}/certificates/{event}', [GaugeController::class, 'certificate'])->name('gauges.certificate');

    Route::middleware('can:keep-specs')->group(function (): void {
        Route::post('/specs', [SheetFileController::class, 'import'])->name('specs.import');
        Route::get('/specs/new', [NewFamilyController::class, 'create'])->name('specs.new');
        Route::post('/specs/new', [NewFamilyController::class, 'store']);
        Route::post('/specs/new/drawn', [NewFamilyController::class, 'drawn'])->name('specs.new.drawn');
        Route::get('/specs/{family}/edit', [EditSheetController::class, 'edit'])->name('specs.edit');
        Route::post('/specs/{family}', [EditSheetController::class, 'update'])->name('specs.update');
        Route::post('/specs/{family}/follows', [EditSheetController::class, 'follows'])->name('specs.follows');
        Route::post('/specs/{family}/draft/discard', [EditSheetController::class, 'discard'])->name('specs.draft.discard');
        Route::post('/specs/{family}/removal', [DerivedFamilyController::class, 'remove'])->name('specs.remove');
        Route::post('/specs/{family}/copies', [DerivedFamilyController::class, 'copy'])->name('specs.copy');
        Route::post('/specs/{family}/variants', [DerivedFamilyController::class, 'variant'])->name('specs.variant');
        Route::post('/specs/{family}/follow', [DerivedFamilyController::class, 'follow'])->name('specs.follow');
    });
    Route::middleware('can:run-shop')->group(function (): void {
        Route::get('/shop', [ShopController::class, 'edit'])->name('shop');
        Route::post('/shop', [ShopController::class, 'update']);
        Route::get('/shop/tablets', [TabletController::class, 'show']);
        Route::get('/shop/shelf', [ShelfController::class, 'show'])->name('shop.shelf');
        Route::post('/shop/shelf', [ShelfController::class, 'store']);
        Route::get('/shop/prices', [PriceController::class, 'edit'])->name('shop.prices');
        Route::post('/shop/prices', [PriceController::class, 'update']);
        Route::get('/shop/prices.csv', [PriceController::class, 'csv']);
        Route::post('/shop/prices/preview', [PriceController::class, 'preview']);
        Route::post('/shop/prices/supplier', [PriceController::class, 'fetch'])->middleware('throttle:20,1');
        Route::post('/shop/prices/take', [PriceController::class, 'take']);
    });

    Route::get('/jobs/new', [ReceiveController::class, 'create'])
        ->name('jobs.new')
        ->middleware('can:receive');
    Route::post('/jobs', [ReceiveController::class, 'store'])
        ->name('jobs.store')
        ->middleware('can:receive');
    Route::get('/seen', [ReceivedController::class, 'seen'])->name('seen');

    Route::get('/practice', [PracticeController::class, 'index'])->name('practice');
    Route::get('/practice/read/{slug}', [PracticeController::class, 'show'])
        ->name('practice.read')
        ->where('slug', '[a-z-]{1,40}');
    Route::post('/practice/read/{slug}', [PracticeController::class, 'answer'])->where('slug', '[a-z-]{1,40}');
    Route::post('/practice/blocks', [BlockController::class, 'start']);
    Route::prefix('/practice/blocks/{ulid}')
        ->where(['ulid' => '[0-9A-Za-z]{26}'])
        ->group(function (): void {
            Route::get('/', [BlockController::class, 'show'])->name('practice.block');
            Route::post('/readings', [BlockController::class, 'read']);
            Route::post('/checks', [BlockController::class, 'check']);
            Route::post('/zeros', [BlockController::class, 'zero']);
            Route::post('/verdict', [BlockController::class, 'judge']);
        });
    Route::post('/practice/engines', [EngineController::class, 'start']);
    Route::prefix('/practice/engines/{ulid}')
        ->where(['ulid' => '[0-9A-Za-z]{26}'])
        ->group(function (): void {
            Route::get('/', [EngineController::class, 'show'])->name('practice.engine');
            Route::post('/verdict', [EngineController::class, 'judge']);
        });
    Route::get('/practice/rocking', [RockingController::class, 'show'])->name('practice.rocking');
    Route::post('/practice/rocking', [RockingController::class, 'answer']);
    Route::get('/practice/setting', [SettingController::class, 'show'])->name('practice.setting');
    Route::post('/practice/setting', [SettingController::class, 'answer']);
    Route::get('/practice/method/{kind}', [MethodController::class, 'show'])
        ->name('practice.method')
        ->where('kind', '[a-z-]{1,20}');
    Route::post('/practice/method/{kind}', [MethodController::class, 'choose'])->where('kind', '[a-z-]{1,20}');

    Route::get('/load', [LoadController::class, 'show'])->name('load');
    Route::get('/load/print', [LoadController::class, 'print'])->name('load.print');
    Route::get('/load/hours', [HoursController::class, 'show'])->name('load.hours');
    Route::get('/load/closed-days.ics', [HoursController::class, 'export']);
    Route::middleware('can:work')->group(function (): void {
        Route::post('/load/pins', [LoadController::class, 'pin']);
        Route::post('/load/closures', [HoursController::class, 'close']);
        Route::post('/load/closures/{closure}/removal', [HoursController::class, 'open'])->whereNumber('closure');
    });
    Route::middleware('can:run-shop')->group(function (): void {
        Route::post('/load/hours', [HoursController::class, 'update']);
        Route::post('/load/calendars', [HoursController::class, 'import']);
        Route::post('/load/feeds', [FeedsController::class, 'store']);
        Route::post('/load/feeds/{feed}/withdrawal', [FeedsController::class, 'withdraw'])->whereNumber('feed');
    });

    Route::get('/machines/{machine?}', [MachineController::class, 'show'])
        ->name('machines')
        ->where('machine', '[a-z_]{1,20}');
    Route::get('/machines/{machine}/now', [MachineController::class, 'now'])
        ->name('machines.now')
        ->middleware('cache.headers:etag')
        ->where('machine', '[a-z_]{1,20}');

    Route::prefix('/jobs/{job}')->group(function (): void {
        Route::get('/', [StageController::class, 'current'])->name('jobs.show');
        Route::get('/live/{stage}', [StageController::class, 'changes'])->name('stage.changes');
        Route::get('/tag', [ReceivedController::class, 'tag'])->name('tag');
        Route::get('/photos/{photo}.jpg', [PhotoController::class, 'show'])
            ->name('photo')
            ->where('photo', '[0-9A-Z]{26}');

        Route::get('/receive', [ReceivedController::class, 'show'])->name('stage.receive');
        Route::middleware('can:receive')->group(function (): void {
            Route::post('/photos', [PhotoController::class, 'store'])->name('photos');
            Route::post('/receive/parts', [ReceivedController::class, 'part']);
            Route::post('/receive/claims', [ReceivedController::class, 'claim']);
            Route::post('/receive/claims/match', [ReceivedController::class, 'judgeClaim']);
            Route::post('/receive/sleeves', [ReceivedController::class, 'sleeve']);
            Route::post('/receive/found', [ReceivedController::class, 'found']);
        });
        Route::get('/clean', [CleanController::class, 'show'])->name('stage.clean');
        Route::get('/cracks', [CracksController::class, 'show'])->name('stage.cracks');
        Route::middleware('can:measure')->group(function (): void {
            Route::post('/clean/items', [CleanController::class, 'item']);
            Route::post('/clean/looks', [CleanController::class, 'look']);
            Route::post('/cracks/checks', [CracksController::class, 'begin']);
            Route::post('/cracks/retests', [CracksController::class, 'retest']);
            Route::post('/cracks/steps', [CracksController::class, 'step']);
            Route::post('/cracks/indications', [CracksController::class, 'place']);
            Route::post('/cracks/indications/back', [CracksController::class, 'takeBack']);
            Route::post('/cracks/decisions', [CracksController::class, 'decide']);
            Route::post('/cracks/places', [CracksController::class, 'lookedAt']);
        });
        Route::post('/receive/sleeves/customer', [ReceivedController::class, 'sleeveAnswer'])->middleware('can:answer-for-customer');
        Route::post('/cracks/customer', [CracksController::class, 'customer'])->middleware('can:answer-for-customer');
        Route::get('/measure', [SheetController::class, 'measure'])->name('stage.measure');
        Route::get('/judge', [JudgeController::class, 'show'])->name('stage.judge');
        Route::middleware('can:keep-specs')->group(function (): void {
            Route::get('/sheet', [SheetOfJobController::class, 'own'])->name('jobs.sheet');
            Route::post('/sheet', [SheetOfJobController::class, 'store']);
            Route::post('/sheet/revision', [SheetOfJobController::class, 'takeOver']);
        });
        Route::post('/judge/pistons', [JudgeController::class, 'assign'])->middleware('can:measure');
        Route::get('/findings', [JudgeController::class, 'report'])
            ->name('findings')
            ->middleware('can:see-prices');
        Route::middleware('can:verify')->group(function (): void {
            Route::post('/judge/overrule', [JudgeController::class, 'overrule']);
            Route::post('/judge/concessions', [JudgeController::class, 'concede']);
        });
        Route::get('/plan', [PlanController::class, 'show'])
            ->name('stage.plan')
            ->middleware('can:see-prices');
        Route::post('/plan', [PlanController::class, 'store'])->middleware('can:choose-plan');
        Route::post('/plan/targets', [PlanController::class, 'target'])->middleware('can:choose-plan');
        Route::get('/running', [RunningController::class, 'show'])->name('running');
        Route::post('/running', [RunningController::class, 'store'])->middleware('can:measure');
        Route::get('/parts', [PartsController::class, 'show'])
            ->name('parts')
            ->middleware('can:see-prices');
        Route::get('/parts/order', [PartsController::class, 'order'])->middleware('can:see-prices');
        Route::get('/parts.csv', [PartsController::class, 'csv'])->middleware('can:see-prices');
        Route::post('/parts', [PartsController::class, 'store'])->middleware('can:answer-for-customer');
        Route::get('/offers', [OfferController::class, 'show'])
            ->name('offers')
            ->middleware('can:see-prices');
        Route::middleware('can:answer-for-customer')->group(function (): void {
            Route::post('/offers', [OfferController::class, 'store']);
            Route::post('/offers/{offer}/withdraw', [OfferController::class, 'withdraw']);
            Route::post('/offers/{offer}/answer', [OfferController::class, 'answer']);
            Route::post('/offers/{offer}/settle', [OfferController::class, 'settle']);
        });
        Route::get('/work', [WorkController::class, 'show'])->name('stage.work');
        Route::post('/work', [WorkController::class, 'store'])->middleware('can:work');
        Route::get('/work/print/labels', [PrintController::class, 'labels'])->name('work.labels');
        Route::get('/work/print/{machine}', [PrintController::class, 'machine'])
            ->name('work.print')
            ->where('machine', '[a-z_]{1,20}');
        Route::get('/work/at/{operation}', [CardController::class, 'show'])
            ->name('work.card')
            ->where('operation', '[a-z0-9. ]{1,40}');
        Route::middleware('can:work')->group(function (): void {
            Route::post('/work/time', [WorkController::class, 'time']);
            Route::post('/work/stints', [CardController::class, 'stint']);
            Route::post('/work/passes', [CardController::class, 'pass']);
            Route::post('/work/cuts', [CardController::class, 'cut']);
            Route::post('/work/cuts/not-clean', [CardController::class, 'notClean']);
            Route::post('/work/gaps', [CardController::class, 'gap']);
            Route::post('/work/values', [CardController::class, 'values']);
            Route::post('/work/sleeves', [CardController::class, 'sleeve']);
        });
        Route::post('/work/flaws', [WorkController::class, 'report'])->middleware('can:work');
        Route::post('/work/orders', [WorkController::class, 'revise'])->middleware('can:choose-plan');
        Route::get('/verify', [VerifyController::class, 'show'])->name('stage.verify');
        Route::get('/verify/parts/{part}', [AcceptanceController::class, 'sheet'])->name('verify.sheet');
        Route::post('/verify/parts', [AcceptanceController::class, 'store'])->middleware('can:verify');
        Route::get('/verify/{section}', [VerifyController::class, 'part'])->name('verify.part');
        Route::post('/verify', [VerifyController::class, 'store'])->middleware('can:verify');
        Route::get('/release', [ReleaseController::class, 'show'])->name('stage.release');
        Route::post('/release', [ReleaseController::class, 'store'])->middleware('can:release');
        Route::get('/certificate', [CertificateController::class, 'show'])->name('certificate');
        Route::get('/build-sheet', [CertificateController::class, 'buildSheet'])->name('build-sheet');
        Route::get('/certificate.json', [CertificateController::class, 'signed'])->name('certificate.signed');
        Route::post('/release/recalls', [ReleaseController::class, 'recall'])->middleware('can:release');
        Route::get('/certificate.pdf', [CertificateController::class, 'pdf'])->name('certificate.pdf');
        Route::get('/readings.csv', [DownloadController::class, 'csv'])->name('readings.csv');
        Route::get('/readings.json', [DownloadController::class, 'json'])->name('readings.json');
        Route::get('/history', [HistoryController::class, 'show'])->name('history');

        Route::get('/practice/{sheet}/shows', [SightController::class, 'shows']);
        Route::post('/practice/clock', [SightController::class, 'clock'])->middleware('can:measure');
        Route::get('/measure/{section}', [SheetController::class, 'part'])->name('part');
        Route::get('/bores/{cylinder}', [BoreController::class, 'show'])->name('bore');
        Route::get('/sheets/{sheet}/bores/{cylinder}/changes', [SheetController::class, 'changes']);
        Route::middleware('can:measure')->group(function (): void {
            Route::post('/sheets/{sheet}/bores/{cylinder}/readings', [ReadingController::class, 'store']);
            Route::post('/crankshafts', [CrankshaftController::class, 'exchange']);
            Route::post('/weights/list', [SheetController::class, 'weightList']);
            Route::post('/sheets/{sheet}/bores/{cylinder}/ring-gap', [BoreController::class, 'ringGap']);
            Route::post('/sheets/{sheet}/bores/{cylinder}/undo', [ReadingController::class, 'undo']);
        });
        Route::get('/sheets/{sheet}/changes', [SheetController::class, 'changes'])->name('sheet.changes');
        Route::middleware('can:measure')->group(function (): void {
            Route::post('/sheets/{sheet}/readings', [ReadingController::class, 'store'])->name('sheet.readings');
            Route::post('/sheets/{sheet}/undo', [ReadingController::class, 'undo'])->name('sheet.undo');
            Route::post('/sheets/{sheet}/setups', [SetupController::class, 'store'])->name('sheet.setups');
            Route::post('/sheets/{sheet}/zeros', [SetupController::class, 'size'])->name('sheet.zeros');
            Route::get('/sheets/{sheet}/import', [ImportController::class, 'show'])->name('sheet.import');
            Route::post('/sheets/{sheet}/import', [ImportController::class, 'preview']);
            Route::post('/sheets/{sheet}/import/rows', [ImportController::class, 'store']);
            Route::post('/sheets/{sheet}/seats', [SeatController::class, 'store']);
            Route::post('/sheets/{sheet}/seats/leave', [SeatController::class, 'leave']);
            Route::post('/sheets/{sheet}/claims', [FeedController::class, 'claim']);
            Route::post('/sheets/{sheet}/checks', [CheckBackController::class, 'store'])->name('sheet.checks');
            Route::post('/sheets/{sheet}/confirmations', [CheckBackController::class, 'confirm'])->name('sheet.confirmations');
        });
    });
});

// Calendar programs have no log-in: a feed is known by its token alone.
Route::withoutMiddleware('web')
    ->middleware('throttle:60,1')
    ->group(function (): void {
        Route::get('/calendars/{token}.ics', [FeedsController::class, 'show'])->where('token', '[0-9A-Za-z]{40}');
    });

// A customer has no log-in: an offer is known by its signed address alone.
Route::middleware('throttle:60,1')->group(function (): void {
    Route::get('/offer/{offer}', [OpenOfferController::class, 'show'])
        ->name('offer.open')
        ->where('offer', '[0-9A-Z]{26}');
    Route::get('/offer/{offer}/photos/{photo}.jpg', [OpenOfferController::class, 'photo'])
        ->name('offer.photo')
        ->where('photo', '[0-9A-Z]{26}');
    Route::post('/offer/{offer}/answer', [OpenOfferController::class, 'answer'])->name('offer.answer');
    Route::post('/offer/{offer}/questions', [OpenOfferController::class, 'ask'])->name('offer.ask');
});

// Gauges have no log-in and no page: they are known by their token alone.
Route::withoutMiddleware('web')
    ->middleware('throttle:feed')
    ->group(function (): void {
        Route::post('/feed', [FeedController::class, 'take']);
        Route::get('/feed/asked', [FeedController::class, 'asked']);
    });

// The floor that bin/bench measures against; it is there in a benchmark only.
if (config('app.bench_floor')) {
    Route::get('/bench-floor', static fn (): string => 'floor')->withoutMiddleware('web');
}
