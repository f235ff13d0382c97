<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Http\Amount;
use App\Http\RequestId;
use App\Storage\FamilyIndex;
use App\Storage\SpecBook;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Features\Receiving\Purpose;
use NorthLedger\Core\Features\Receiving\Usage;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\NotationMeaning;
use NorthLedger\Core\Quantity\ShopNotation;

final class ReceiveController
{
    private const DEFAULT_DAYS = 14;

    public function create(Request $request, FamilyIndex $families): View
    {
        return view('receive.new', [
            'families' => $families->matching('')->get(['family', 'name', 'description']),
            'chosen' => $request->query('family'),
            'dueOn' => Carbon::today()->addDays(self::DEFAULT_DAYS)->format('Y-m-d'),
        ]);
    }

    public function store(ReceiveJobRequest $request, SpecBook $specs, ReceiveJob $receive): RedirectResponse
    {
        /**
         * @var array{arrival?: ?string, purpose?: ?string, castings?: ?string, usage?: ?string, budget?: ?string, family: string,
         *     serial: string, customer: string, description?: ?string, due_on: string, wishes?: ?string, declared_step?: ?string,
         *     declared_evidence?: ?string} $data
         */
        $data = $request->validated();
        $sheet = $specs->sheet($data['family']);
        $job = $receive->handle($request->user(), RequestId::of($request), [
            'family' => $sheet->family,
            'family_revision' => $sheet->revision,
            'serial' => $data['serial'],
            'customer' => trim($data['customer']),
            'description' => $data['description'] ?? '',
            'wishes' => $data['wishes'] ?? null,
            'arrival' => $data['arrival'] ?? Arrival::Complete->value,
            'purpose' => $data['purpose'] ?? Purpose::Rebuild->value,
            'castings' => $data['castings'] ?? '',
            'usage' => $data['usage'] ?? null,
            'budget_minor' => isset($data['budget']) ? Amount::minor($data['budget']) : null,
            'keeps_original' => $request->boolean('keeps_original'),
            'due_on' => $data['due_on'],
            'declared_step_nm' => $this->declaredStep($sheet, $data['declared_step'] ?? null),
            'declared_evidence' => $data['declared_evidence'] ?? null,
        ]);

        return redirect()->route('stage.receive', $job);
    }

    private function declaredStep(SpecificationSheet $sheet, ?string $text): ?int
    {
        if ($text === null || trim($text) === '') {
            return null;
        }
        if (in_array(mb_strtolower(trim($text)), ['standard', 'std', '0'], true)) {
            return 0;
        }
        try {
            $noted = ShopNotation::forSizes($sheet->unit)->read($text);
        } catch (NotationException $exception) {
            throw ValidationException::withMessages(['declared_step' => Messages::refusal($exception)]);
        }
        $offered = array_column($sheet->bore->oversizes, 'nanometres');

        return in_array($noted->value->nanometres, $offered, true) &&
            ($noted->means === NotationMeaning::Step || $noted->value->isPositive())
            ? $noted->value->nanometres
            : throw ValidationException::withMessages([
                'declared_step' => Line::of('receive.ask.no_such_size', ['text' => $text, 'family' => $sheet->name]),
            ]);
    }
}
