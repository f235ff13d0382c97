<?php

declare(strict_types=1);

namespace App\Offers;

use App\Record\JobFile;
use App\Record\Offer;
use App\Storage\Photo;
use App\Words\Messages;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\URL;
use NorthLedger\Core\Features\Cracks\Indication;

/** A picture of something that was found, as the customer sees it. */
final readonly class OfferPhoto
{
    private const MOST = 6;

    private const OF_WHAT_WAS_FOUND = 'indication.';

    private function __construct(public string $address, public string $words)
    {
    }

    /** @return list<self> */
    public static function all(JobFile $file, Offer $offer): array
    {
        $photos = self::ofJob($file->job->id)->orderBy('id')->limit(self::MOST)->get()->all();

        return array_values(
            array_map(
                static fn (Photo $photo): self => new self(
                    URL::signedRoute('offer.photo', ['offer' => $offer->id(), 'photo' => $photo->ulid], absolute: false),
                    self::words($file, $photo),
                ),
                $photos,
            ),
        );
    }

    /** @return Builder<Photo> Of one job, and only of what was found: paperwork and the rest stay in the shop */
    public static function ofJob(int $job): Builder
    {
        return Photo::query()
            ->where('job_id', $job)
            ->where('subject', 'like', self::OF_WHAT_WAS_FOUND.'%');
    }

    private static function words(JobFile $file, Photo $photo): string
    {
        $id = substr($photo->subject, strlen(self::OF_WHAT_WAS_FOUND));
        $found = $file->record->cracks()->indication($id);

        return $found instanceof Indication ? ucfirst(Messages::text($found->location->message())) : $photo->remark;
    }
}
