<?php

declare(strict_types=1);

namespace App\Practice;

use App\Ledger\Refused;
use App\Record\LookCodes;
use App\Storage\BlockEvent;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Foundation\Http\FormRequest;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;

/** What has to be sent for `BlockController::read`. */
final class ReadBlockRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['place' => ['required', 'string', 'max:60'], 'text' => ['required', 'string', 'max:40']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text' => Line::of('practice.no_answer')];
    }

    public function typed(): string
    {
        return trim($this->string('text')->toString());
    }

    /** @param  list<int>  $cylinders */
    public function place(array $cylinders): Place
    {
        try {
            $place = Place::parse($this->string('place')->toString());
        } catch (GaugingException) {
            throw Refused::because('text', Line::of('practice.block.no_place'));
        }
        $isKeyed = in_array($place->feature, BlockPage::KEYED, true) && in_array($place->number, $cylinders, true);

        return $isKeyed && ($place->feature !== BoreFeature::Bore || in_array($place->axis, BlockPage::AXES, true))
            ? $place
            : throw Refused::because('text', Line::of('practice.block.no_place'));
    }

    /** @return array{kind: BlockEvent, value_nm?: int, look?: string} As it is kept: a size, or a look (QTY-3) */
    public function said(Place $place, SpecificationSheet $sheet): array
    {
        if ($place->feature !== BoreFeature::Bore) {
            return [
                'kind' => BlockEvent::Look,
                'look' =>
                    LookCodes::stored($place->feature, $this->typed()) ??
                    throw Refused::because('text', Line::of('practice.block.digit', ['legend' => LookCodes::legend($place->feature)])),
            ];
        }
        try {
            $deviation = ShopNotation::forDeviations($sheet->unit, $sheet->unit->readingUnit())->read($this->typed())->value;
        } catch (NotationException $exception) {
            throw Refused::because('text', Messages::refusal($exception));
        }
        $size = $sheet->bore->nominal->plus($deviation);

        return $size->isPositive() && ! $deviation->absolute()->isLargerThan($sheet->bore->nominal)
            ? ['kind' => BlockEvent::Read, 'value_nm' => $size->nanometres]
            : throw Refused::because(
                'text',
                Line::of('practice.block.no_size', ['unit' => Line::of("practice.dial.{$sheet->unit->value}")]),
            );
    }
}
