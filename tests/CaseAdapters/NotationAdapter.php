<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ReadingUnit;
use NorthLedger\Core\Quantity\ShopNotation;

final class NotationAdapter implements Adapter
{
    public function run(Given $given): array
    {
        $unit = $given->word('unit', LengthUnit::class);
        $notation = match ($given->text('setup')) {
            'absolute' => ShopNotation::forSizes($unit),
            'comparative' => ShopNotation::forDeviations($unit, $given->word('reading_unit', ReadingUnit::class)),
            default => throw Refusal::withCode('unknown_word'),
        };
        try {
            $noted = $notation->read($given->text('text'));
        } catch (NotationException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }

        return ['value_nm' => $noted->value->nanometres, 'means' => $noted->means->value];
    }
}
