<?php

declare(strict_types=1);

namespace App\Parts;

use App\Http\Download;
use App\Http\RequestId;
use App\Http\ShownUnit;
use App\Record\JobFiles;
use App\Storage\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The parts to order for a job. */
final class PartsController
{
    public function show(Request $request, Job $job, JobFiles $files): View
    {
        $file = ShownUnit::of($request, $files->open($job));

        $list = PartList::of($file);

        return view('parts-to-order.show', [
            'file' => $file,
            'list' => $list,
            'orders' => SupplierOrder::all($list),
            'shells' => ShellLine::all($file),
        ]);
    }

    /** One supplier's share, to print; by the name that was typed when it was ordered. */
    public function order(Request $request, Job $job, JobFiles $files): View
    {
        $file = ShownUnit::of($request, $files->open($job));
        $order = SupplierOrder::at(PartList::of($file), (string) $request->query('from', ''));
        abort_if($order === null, 404);

        return view('parts-to-order.order', ['file' => $file, 'order' => $order]);
    }

    public function csv(Job $job, JobFiles $files): Response
    {
        return Download::csv("{$job->tag()}-parts.csv", PartList::of($files->open($job))->rows($job->tag()));
    }

    public function store(PartRequest $request, Job $job, TellOfPart $tell): RedirectResponse
    {
        $tell->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            $request->typed('part'),
            $request->state(),
            $request->typed('supplier'),
            $request->typed('promised_for'),
            $request->typed('remark'),
        );

        return redirect()->route('parts', $job)->with('note', 'Kept.');
    }
}
