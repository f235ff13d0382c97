<?php

declare(strict_types=1);

namespace App\Providers;

use App\Cluster\LostNode;
use App\Cluster\NodeConnector;
use App\Cluster\RetryingConnection;
use App\Documents\PdfPrinter;
use App\Drawings\Truth;
use App\Files\HouseFiles;
use App\Http\RulesReadOnce;
use App\Ledger\Ledger;
use App\Offers\EmlTransport;
use App\Pages\Marks;
use App\People\Ability;
use App\Session\CalmSessionHandler;
use App\Session\PeopleProvider;
use App\Session\PersonOfSession;
use App\Shop\Supplier;
use App\Stages\Clean\CleanPage;
use App\Stages\Cracks\CracksPage;
use App\Stages\Receive\ReceivePage;
use App\Stages\StagePage;
use App\Stages\Work\WorkPage;
use App\Storage\CompiledDocuments;
use App\Storage\PolicyBook;
use App\Storage\SheetName;
use App\Storage\ShippedSheets;
use App\Storage\SpecBook;
use App\Storage\Stage;
use App\Storage\User;
use App\WholeEngines\EngineTruth;
use App\WholeEngines\PracticeHouse;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use NorthLedger\Core\Engine\Installed;

final class AppServiceProvider extends ServiceProvider
{
    /** The stages whose pages are forms, one after the other. */
    private const EARLY_PAGES = [ReceivePage::class, CleanPage::class, CracksPage::class, WorkPage::class];

    private const FEED_CALLS_A_MINUTE = 600;

    public function register(): void
    {
        $this->app->singleton(
            CompiledDocuments::class,
            static fn (): CompiledDocuments => new CompiledDocuments(storage_path('framework/compiled'), config('app.build')),
        );
        $this->app->scoped(
            SpecBook::class,
            static fn (Application $app): SpecBook => new SpecBook(
                new ShippedSheets(resource_path('specs')),
                $app->make(CompiledDocuments::class),
            ),
        );
        $this->app->bind(Marks::class, static fn (): Marks => new Marks(PracticeHouse::shows(Stage::Judge)));
        $this->app->bind(Truth::class, EngineTruth::asked(...));
        $this->app->bind('db.connector.mariadb', NodeConnector::class);
        $this->app->bind(LostConnectionDetector::class, LostNode::class);
        Connection::resolverFor('mariadb', static fn (mixed ...$with): RetryingConnection => new RetryingConnection(...$with));
        $this->app->scoped(Ledger::class);
        $this->app->scoped(PersonOfSession::class);
        $this->app->singleton(
            PdfPrinter::class,
            static fn (): PdfPrinter => new PdfPrinter((string) config('app.chromium'), storage_path('framework/no-sandbox')),
        );
        $this->app->singleton(HouseFiles::class, static fn (): HouseFiles => HouseFiles::onDisk((string) config('filesystems.default')));
        $this->app->bind(StagePage::class, fn (): StagePage => new StagePage(array_map($this->app->make(...), self::EARLY_PAGES)));
        $this->app->bind(
            Supplier::class,
            static fn (Application $app): Supplier => new Supplier($app->make(Factory::class), (string) config('app.supplier')),
        );
        $this->app->scoped(
            PolicyBook::class,
            static fn (Application $app): PolicyBook => new PolicyBook(
                resource_path('policy/defaults.json'),
                $app->make(CompiledDocuments::class),
            ),
        );
    }

    public function boot(): void
    {
        // By the build as it stands in a name: no file of another one is read.
        $build = config('app.build');
        Installed::rememberIn($build === null ? null : storage_path('framework/compiled/classes-').hash('xxh64', $build).'-');
        $this->callAfterResolving('blade.compiler', TemplatesAsSent::prepare(...));
        $this->callAfterResolving('validator', RulesReadOnce::in(...));
        Mail::extend('eml', static fn (): EmlTransport => new EmlTransport((string) config('mail.folder')));
        Route::bind('sheet', static fn (string $code): SheetName => SheetName::tryFrom($code) ?? abort(404));
        Session::extend(
            'calm',
            static fn (Application $app): CalmSessionHandler => new CalmSessionHandler(
                $app->make('db')->connection('mariadb'),
                (string) config('session.table'),
                (int) config('session.lifetime'),
                $app,
                $app->make(PersonOfSession::class),
            ),
        );
        Auth::provider(
            'people',
            static fn (Application $app): PeopleProvider => new PeopleProvider($app->make('hash'), $app->make(PersonOfSession::class)),
        );
        RateLimiter::for(
            'feed',
            static fn (Request $request): Limit => Limit::perMinute(self::FEED_CALLS_A_MINUTE)->by(
                'feed:'.sha1((string) $request->bearerToken()),
            ),
        );
        Model::preventSilentlyDiscardingAttributes();
        foreach (Ability::cases() as $ability) {
            Gate::define($ability->value, static fn (User $user): bool => $user->may($ability));
        }
    }
}
