<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use NorthLedger\Core\Engine\Specification\LayoutKind;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\ValveTrain;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/**
 * A family as it is listed and found: what stands here follows from the newest revision of its sheet.
 *
 * @property int $id
 * @property string $family
 * @property string $state
 * @property int $revision
 * @property string $name
 * @property string $description
 * @property LengthUnit $unit
 * @property LayoutKind $layout
 * @property ValveTrain $valve_train
 * @property Material $block_material
 * @property int $bore_nm
 * @property int $stroke_nm
 * @property list<int> $oversizes_nm
 * @property list<string> $castings
 */
final class Family extends Model
{
    use BootsPlainly;

    protected $table = 'families';

    public $timestamps = false;

    protected $guarded = [];

    public function bore(): Length
    {
        return Length::ofNanometres($this->bore_nm);
    }

    public function stroke(): Length
    {
        return Length::ofNanometres($this->stroke_nm);
    }

    /** @return list<Length> */
    public function oversizes(): array
    {
        return array_map(Length::ofNanometres(...), $this->oversizes_nm);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'unit' => LengthUnit::class,
            'layout' => LayoutKind::class,
            'valve_train' => ValveTrain::class,
            'block_material' => Material::class,
            'oversizes_nm' => 'array',
            'castings' => 'array',
        ];
    }
}
