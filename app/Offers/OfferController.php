<?php

declare(strict_types=1);

namespace App\Offers;

use App\Http\RequestId;
use App\Load\PlanOfShop;
use App\Record\JobFiles;
use App\Record\Offer;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The offers of a job as the shop sees them: sent, read out, taken back, answered. */
final class OfferController
{
    public function show(Job $job, JobFiles $files, PlanOfShop $shop): View
    {
        $file = $files->open($job);

        return view('offers.show', ['file' => $file, 'page' => OffersPage::of($file, $shop)]);
    }

    public function store(SendOfferRequest $request, Job $job, SendOffer $send): RedirectResponse
    {
        $isSent = $send->handle($job, $this->by($request), RequestId::of($request), $request->how(), $request->wantedBy());

        return redirect()->route('offers', $job)->with('note', Line::of($isSent ? 'offer.sent' : 'offer.not_mailed'));
    }

    public function withdraw(Request $request, Job $job, string $offer, TellOfOffer $tell): RedirectResponse
    {
        $reason = $request->validate(
            ['reason' => ['required', 'string', 'max:200']],
            ['reason.required' => Line::of('offer.told.say_why_taken_back')],
        );
        $tell->withdraw($job, $this->by($request), RequestId::of($request), $offer, $reason['reason']);

        return redirect()->route('offers', $job)->with('note', Line::of('offer.told.offer_taken_back_link'));
    }

    public function answer(AnswerRequest $request, Job $job, string $offer, AnswerOffer $answer): RedirectResponse
    {
        $written = $answer->handle(
            $job,
            $this->by($request),
            RequestId::of($request),
            $offer,
            $request->way(),
            $request->name(),
            $request->how(),
            $request->remark(),
        );

        return $written->file->work()->choice() === null || $request->way() === Offer::NONE
            ? redirect()->route('offers', $job)->with('note', Line::of('offer.told.answer_kept_none_these'))
            : redirect()->route('stage.work', $job);
    }

    public function settle(Request $request, Job $job, string $offer, TellOfOffer $tell): RedirectResponse
    {
        /** @var array{question: string, how: string} $data */
        $data = $request->validate(
            ['question' => ['required', 'string', 'size:26'], 'how' => ['required', 'string', 'max:300']],
            ['how.required' => Line::of('offer.told.say_what_you_answered')],
        );
        $tell->settle($job, $this->by($request), RequestId::of($request), $offer, $data['question'], $data['how']);

        return redirect()->route('offers', $job)->with('note', Line::of('offer.told.question_settled'));
    }

    private function by(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(403);
    }
}
