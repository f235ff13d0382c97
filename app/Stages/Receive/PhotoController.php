<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Http\RequestId;
use App\Photos\PhotoStore;
use App\Stages\StagePage;
use App\Storage\Job;
use App\Storage\Photo;
use App\Storage\Stage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class PhotoController
{
    public function store(PhotoRequest $request, Job $job, KeepPhoto $keep, StagePage $page): JsonResponse|RedirectResponse
    {
        /** @var array{subject: string, remark?: ?string, stage: string} $data */
        $data = $request->validated();
        $written = $keep->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            $data['subject'],
            $data['remark'] ?? '',
            (string) $request->file('photo')?->getRealPath(),
        );

        return $page->after($request, $written, Stage::from($data['stage']));
    }

    public function show(Request $request, Job $job, string $photo, PhotoStore $store): StreamedResponse
    {
        $kept = Photo::query()
            ->where(['job_id' => $job->id, 'ulid' => $photo])
            ->firstOrFail();

        return $store->answer($kept->content_hash, isSmall: $request->query('size') === 'small');
    }
}
