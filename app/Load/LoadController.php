<?php

declare(strict_types=1);

namespace App\Load;

use App\Words\Line;
use App\Words\Messages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Scheduling\SchedulingException;

/** Machines and days: the plan of the whole shop, and where people pin what. */
final readonly class LoadController
{
    public function __construct(private PlanOfShop $shop)
    {
    }

    public function show(LoadRequest $request): View|JsonResponse
    {
        try {
            $view = LoadView::of($this->shop->now(), $this->shop->helps(), $request->zoom(), $request->from(), $request->helpFor());
        } catch (SchedulingException $exception) {
            return view('load.trouble', ['why' => Line::of('load.trouble', ['why' => Messages::refusal($exception)])]);
        }
        $data = ['view' => $view, 'showsList' => $request->showsList(), 'mayPin' => $request->user()?->can('work') === true];

        return $request->expectsJson()
            ? new JsonResponse(['mark' => $view->mark, 'html' => view('load.sheet', $data)->render()])
            : view('load.show', $data);
    }

    /** One week on one page, or one machine’s list. */
    public function print(LoadRequest $request): View
    {
        try {
            $plan = $this->shop->now();
        } catch (SchedulingException $exception) {
            return view('load.trouble', ['why' => Line::of('load.trouble', ['why' => Messages::refusal($exception)])]);
        }

        return view('load.print', [
            'view' => LoadView::of($plan, $this->shop->helps(), Zoom::Week, $request->from(), null),
            'unit' => mb_substr($request->string('machine')->toString(), 0, 40),
        ]);
    }

    public function pin(PinRequest $request, PinWork $pin): JsonResponse|RedirectResponse
    {
        /** @var \App\Storage\User $person */
        $person = $request->user();
        $starts = $request->starts();
        $starts = $starts !== null && $request->snaps() ? $pin->opened($request->operation(), $starts) : $starts;
        $pin->handle($person, $request->operation(), $request->jobNumber(), $request->kind(), $starts, $request->mark());
        $kind = $request->kind();
        $work = explode('/', $request->operation())[0].' '.($kind === null ? '' : LoadWords::work($kind, null));
        $note =
            $starts === null
                ? Line::of('load.pin.gone', ['work' => $work])
                : Line::of('load.pin.done', ['work' => $work, 'at' => LoadWords::at($starts)]);

        return $request->expectsJson() ? new JsonResponse(['note' => $note]) : $this->back($request)->with('note', $note);
    }

    private function back(Request $request): RedirectResponse
    {
        $query = array_filter($request->only(['zoom', 'from', 'form']), is_string(...));

        return redirect()->to('/load'.($query === [] ? '' : '?'.http_build_query($query)));
    }
}
