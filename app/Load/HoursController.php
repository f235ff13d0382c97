<?php

declare(strict_types=1);

namespace App\Load;

use App\Http\Download;
use App\Http\RequestId;
use App\Ledger\Refused;
use App\Storage\CalendarFeed;
use App\Storage\Closure;
use App\Storage\LoadRules;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Work\Machine;

/** The hours of the shop and of its machines, who runs them, and when something or somebody is not there. */
final class HoursController
{
    private const MOST_BYTES = 1_000_000;

    public function show(): View
    {
        return view('load.hours', [
            'rules' => LoadRules::inForce(),
            'machines' => array_values(array_filter(Machine::cases(), static fn (Machine $one): bool => $one !== Machine::Desk)),
            'people' => User::query()->whereNull('locked_at')->orderBy('name')->get(),
            'closures' => Closure::query()->with('person')->where('ends_at', '>', Carbon::now())->orderBy('begins_at')->get(),
            'feeds' => CalendarFeed::query()->whereNull('withdrawn_at')->orderBy('id')->get(),
        ]);
    }

    public function update(HoursRequest $request): RedirectResponse
    {
        if (! $request->stated()->keep()) {
            throw Refused::because('version', Line::of('load.rules.stale'));
        }

        return redirect()->to('/load/hours')->with('note', Line::of('load.rules.kept'));
    }

    /** A machine that breaks down is found by who stands at it; days of the shop and of people are the owner's. */
    public function close(ClosureRequest $request): RedirectResponse
    {
        $this->mustBeOwners($request, $request->machine() !== null);
        if ($request->machine() === null && ! $request->isOfShop() && User::query()->whereKey($request->person())->doesntExist()) {
            throw Refused::because('of', Line::of('load.rules.whose'));
        }
        Closure::query()->firstOrCreate(
            ['ulid' => RequestId::of($request)],
            [
                'machine' => $request->machine()?->value,
                'person_id' => $request->person(),
                'begins_at' => $request->begins(),
                'ends_at' => $request->ends(),
                'why' => $request->string('why')->trim()->toString(),
                'user_id' => $request->user()?->getAuthIdentifier(),
                'created_at' => now(),
            ],
        );

        return redirect()->to('/load/hours#closures')->with('note', Line::of('load.closed_note.added'));
    }

    public function open(Request $request, Closure $closure): RedirectResponse
    {
        $this->mustBeOwners($request, $closure->machine !== null);
        $closure->delete();

        return redirect()->to('/load/hours#closures')->with('note', Line::of('load.closed_note.gone'));
    }

    public function import(Request $request): RedirectResponse
    {
        $file = $request->file('calendar');
        if (! ($file instanceof UploadedFile) || ! $file->isValid() || $file->getSize() > self::MOST_BYTES) {
            throw Refused::because('calendar', Line::of('load.import.unreadable'));
        }
        /** @var User $person */
        $person = $request->user();
        $count = ShopCalendar::read((string) $file->get(), $person);

        return redirect()->to('/load/hours#closures')->with('note', Line::counted('load.closed_note.imported', $count));
    }

    public function export(): Response
    {
        return Download::file('closed-days.ics', ShopCalendar::written(), 'text/calendar; charset=utf-8');
    }

    private function mustBeOwners(Request $request, bool $isOfMachine): void
    {
        abort_unless($isOfMachine || $request->user()?->can('run-shop') === true, 403);
    }
}
