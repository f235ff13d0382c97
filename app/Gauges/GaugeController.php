<?php

declare(strict_types=1);

namespace App\Gauges;

use App\Http\RequestId;
use App\Ledger\Refused;
use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use App\Storage\Gauge;
use App\Storage\GaugeEvent;
use App\Storage\Master;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Gauging\RepeatStudy;
use NorthLedger\Core\Gauging\Scale;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The register of gauges and masters: calibration, certificates, studies of repeats, feed tokens. */
final readonly class GaugeController
{
    public function __construct(private GaugeRegister $register, private CertificateStore $certificates)
    {
    }

    public function index(Request $request): View
    {
        $showsRetired = $request->query('show') === 'retired';

        /** @var list<Gauge> $gauges */
        $gauges = Gauge::query()->where('is_retired', $showsRetired)->orderBy('calibration_due')->orderBy('tag')->get()->all();
        /** @var list<Master> $masters */
        $masters = Master::query()->orderBy('tag')->get()->all();

        return view('gauges.index', [
            'lines' => array_map(GaugeLine::of(...), $gauges),
            'masters' => array_map(GaugeLine::ofMaster(...), $masters),
            'showsRetired' => $showsRetired,
        ]);
    }

    public function show(Gauge $gauge): View
    {
        return view('gauges.show', ['page' => GaugePage::of($gauge), 'gauge' => $gauge]);
    }

    public function store(Request $request): RedirectResponse
    {
        $gauge = $this->register->registerGauge(RequestId::of($request), GaugeForm::gauge($request), $request->user());

        return redirect()
            ->route('gauges.show', $gauge)
            ->with('note', Line::of('gauges.done.registered', ['tag' => $gauge->tag]));
    }

    public function storeMaster(Request $request): RedirectResponse
    {
        $master = $this->register->registerMaster(RequestId::of($request), GaugeForm::master($request), $request->user());

        return redirect()
            ->route('gauges')
            ->with('note', Line::of('gauges.done.registered', ['tag' => $master->tag]));
    }

    public function calibrate(Request $request, Gauge $gauge): RedirectResponse
    {
        $said = GaugeForm::calibration($request, $gauge);
        $file = $request->file('certificate');
        $this->register->calibrate(
            RequestId::of($request),
            $gauge,
            $said,
            $file === null ? null : $this->certificates->keep($file),
            $request->user(),
        );

        return redirect()
            ->route('gauges.show', $gauge)
            ->with('note', Line::of('gauges.done.calibrated', ['on' => $said['due_on']]));
    }

    public function study(Request $request, Gauge $gauge): RedirectResponse
    {
        abort_if($gauge->kind->weighs(), 404);
        [$typed, $lengths] = GaugeForm::repeats($request, $gauge);
        try {
            $study = RepeatStudy::of($lengths);
        } catch (GaugingException $exception) {
            throw Refused::because('repeats', Messages::refusal($exception));
        }
        $this->register->study(RequestId::of($request), $gauge, $typed, $study, $request->user());

        return redirect()->route('gauges.show', $gauge)->with('note', Line::of('gauges.told.study_stands_setups_from'));
    }

    public function check(CheckGaugeRequest $request, Gauge $gauge): RedirectResponse
    {
        if ($gauge->scale() !== null) {
            return $this->checkScale($request, $gauge, $gauge->scale());
        }
        $check = GaugeForm::check($request, $gauge);
        $this->register->check(RequestId::of($request), $gauge, (string) $request->input('shows'), $check, $request->user());

        return self::checked($gauge, $check->holds);
    }

    private function checkScale(Request $request, Gauge $gauge, Scale $scale): RedirectResponse
    {
        ['weight' => $weight, 'shows' => $shows] = GaugeForm::weighing($request);
        $this->register->checkScale(
            RequestId::of($request),
            $gauge,
            (string) $request->input('shows'),
            $scale,
            $weight,
            $shows,
            $request->user(),
        );

        return self::checked($gauge, $scale->holds($weight, $shows));
    }

    private static function checked(Gauge $gauge, bool $holds): RedirectResponse
    {
        return redirect()
            ->route('gauges.show', $gauge)
            ->with('note', $holds ? Line::of('gauges.done.holds') : Line::of('gauges.told.does_not_hold_what'));
    }

    public function retire(RetireGaugeRequest $request, Gauge $gauge): RedirectResponse
    {
        $this->register->retire(RequestId::of($request), $gauge, (string) $request->input('reason'), $request->user());

        return redirect()
            ->route('gauges')
            ->with('note', Line::of('gauges.done.retired', ['tag' => $gauge->tag]));
    }

    public function token(Request $request, Gauge $gauge, SecurityLog $log): RedirectResponse
    {
        abort_if($gauge->is_retired || $gauge->kind->weighs(), 404);
        $token = $this->register->giveToken(RequestId::of($request), $gauge, $request->user());
        $log->write(SecurityEvent::FeedTokenMade, null, ['gauge' => $gauge->tag]);

        return redirect()->route('gauges.show', $gauge)->with('token', $token);
    }

    public function certificate(Gauge $gauge, string $event): StreamedResponse
    {
        $kept = GaugeEvent::query()
            ->where(['gauge_id' => $gauge->id, 'ulid' => $event])
            ->whereNotNull('certificate_hash')
            ->firstOrFail();

        return $this->certificates->answer((string) $kept->certificate_hash, "{$gauge->tag} {$kept->certificate_name}");
    }
}
