@extends('layouts.house')
@section('title', 'Spec book')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>Spec book</h1><span>what parts are made to, and how far they may wear</span><span class="ml-auto"><a href="/specs/schema">the schema of a sheet</a></span></div>
    @isset($refused)
    <div class="note bad" role="alert"><b>That file was not read in; nothing was stored.</b><ul>@foreach($refused->faults as $fault)<li>▲ {{ $fault->sentence() }}</li>@endforeach</ul></div>
    @endisset
    <div class="scroll-x"><table class="ledger mt-3">
        <thead><tr><th scope="col">Family</th><th scope="col">Layout</th><th scope="col">Block</th><th scope="col">Bore × stroke</th><th scope="col">Oversizes</th><th scope="col">Revision</th></tr></thead>
        <tbody>@foreach($sheets as $sheet)<tr><td><a class="row-link" href="/specs/{{ $sheet->family }}"><b>{{ $sheet->name }}</b></a><br><span class="soft">{{ $sheet->description }}</span></td><td>{{ $sheet->layout->kind->value }}, {{ $sheet->valveTrain->value }}</td><td>{{ $sheet->blockMaterial->value }}</td><td class="num">{{ \NorthLedger\Core\Quantity\LengthDisplay::in($sheet->unit)->size($sheet->bore->nominal) }} × {{ \NorthLedger\Core\Quantity\LengthDisplay::in($sheet->unit)->sizeWithUnit($sheet->stroke) }}</td><td class="num">@forelse($sheet->bore->oversizes as $step){{ \NorthLedger\Core\Quantity\LengthDisplay::in($sheet->unit)->step($step) }}&ensp;@empty cylinders replaced @endforelse</td><td class="num">{{ $sheet->revision }}</td></tr>@endforeach</tbody>
    </table></div>
    @can('run-shop')
    <h2>Read a sheet in</h2>
    <form method="post" action="/specs" enctype="multipart/form-data" class="inline-fields">@csrf
        <div class="field"><label for="sheet-file">JSON file of a sheet</label><input id="sheet-file" type="file" name="sheet" accept="application/json,.json" required><x-field-error name="sheet" /></div>
        <div class="field grow"><label for="reason">Where its numbers come from</label><input id="reason" name="reason" value="{{ old('reason', request()->input('reason')) }}" maxlength="200" required><x-field-error name="reason" /></div>
        <button class="button">Read it in</button>
    </form>
    <p class="soft">A family that is here already gets it as its next revision; jobs received before stay on theirs. A sheet with faults is refused, with every fault named.</p>
    @endcan
</main></div>
@endsection
