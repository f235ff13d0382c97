<?php

declare(strict_types=1);

namespace App\Offers;

use App\Http\RequestId;
use App\Photos\PhotoStore;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Record\Offer;
use App\Record\OfferBook;
use App\Record\OfferState;
use App\Storage\Job;
use App\Storage\OfferLink;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** An offer as its customer sees it, by a signed address and without a log-in. It shows nothing of any other job. */
final readonly class OpenOfferController
{
    public function __construct(private JobFiles $files)
    {
    }

    public function show(Request $request, string $offer): Response
    {
        $link = $this->signed($request, $offer);
        if ($link === null) {
            return self::closed('altered', 403);
        }
        [$file, $found] = $this->found($link);
        if ($found === null) {
            return self::closed('altered', 404);
        }
        $link->opened();
        $state = $found->state(OfferDraft::of($file)->mark);

        return $state === OfferState::Open || $state === OfferState::Answered
            ? response()->view('offers.open', [
                'offer' => $found,
                'line' => OfferLine::of($found, $state),
                'job' => $file->job,
                'sheet' => $file->sheet,
                'photos' => OfferPhoto::all($file, $found),
            ])
            : self::closed($state->value, 410);
    }

    /** Of what was found in this engine, and of nothing else. */
    public function photo(Request $request, string $offer, string $photo, PhotoStore $store): StreamedResponse|Response
    {
        $link = $this->signed($request, $offer);
        if ($link === null) {
            return self::closed('altered', 403);
        }
        $kept = OfferPhoto::ofJob($link->job_id)->where('ulid', $photo)->firstOrFail();

        return $store->answer($kept->content_hash);
    }

    public function answer(AnswerRequest $request, string $offer, AnswerOffer $answer): RedirectResponse|Response
    {
        $link = $this->signed($request, $offer);
        if ($link === null) {
            return self::closed('altered', 403);
        }
        [$file, $found] = $this->found($link);
        if ($found === null) {
            return self::closed('altered', 404);
        }
        $answer->handle(
            $file->job,
            self::sender($found),
            RequestId::of($request),
            $offer,
            $request->way(),
            $request->name(),
            OfferRoute::Link,
            $request->remark(),
        );

        return redirect($found->address('open'));
    }

    public function ask(Request $request, string $offer, TellOfOffer $tell): RedirectResponse|Response
    {
        $link = $this->signed($request, $offer);
        if ($link === null) {
            return self::closed('altered', 403);
        }
        /** @var array{name: string, question: string} $data */
        $data = $request->validate(
            ['name' => ['required', 'string', 'max:120'], 'question' => ['required', 'string', 'max:500']],
            ['name.required' => Line::of('offer.told.write_your_name'), 'question.required' => Line::of('offer.told.write_your_question')],
        );
        [$file, $found] = $this->found($link);
        if ($found === null) {
            return self::closed('altered', 404);
        }
        $tell->ask($file->job, self::sender($found), RequestId::of($request), $offer, trim($data['name']), trim($data['question']));

        return redirect($found->address('open'))->with('note', Line::of('offer.question_sent'));
    }

    private function signed(Request $request, string $offer): ?OfferLink
    {
        return $request->hasValidSignature(absolute: false) ? OfferLink::named($offer) : null;
    }

    /** @return array{JobFile, ?Offer} */
    private function found(OfferLink $link): array
    {
        $file = $this->files->open(Job::query()->with('customer')->findOrFail($link->job_id));

        return [$file, OfferBook::of($file->record->observations())->offer($link->offer)];
    }

    /** The customer has no log-in: what he says is written down under who sent him the offer. */
    private static function sender(Offer $offer): User
    {
        return User::query()->findOrFail($offer->sent->userId);
    }

    private static function closed(string $why, int $status): Response
    {
        return response()->view('offers.closed', ['words' => Line::of("offer.closed.{$why}")], $status);
    }
}
