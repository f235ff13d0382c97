@extends('layouts.house')
@section('title', $sheet->name.', revisions compared')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>{{ $sheet->name }}</h1><span>revision {{ $from }} against {{ $to }}</span></div>
    <form class="inline-fields" action="/specs/{{ $sheet->family }}/compare">
        <div class="field short">
            <label for="from">From</label>
            <select id="from" name="from">
                @foreach($revisions as $one)<option @selected($one === $from)>{{ $one }}</option>@endforeach
            </select>
        </div>
        <div class="field short">
            <label for="to">To</label>
            <select id="to" name="to">@foreach($revisions as $one)<option @selected($one === $to)>{{ $one }}</option>@endforeach</select>
        </div>
        <button class="button plain">Compare</button><a class="button plain" href="/specs/{{ $sheet->family }}">Back to the sheet</a>
    </form>
    @if($differences === [])<p class="note">They say the same.</p>@else
    <table class="ledger mt-3">
        <thead><tr><th scope="col">Where</th><th scope="col">Revision {{ $from }}</th><th scope="col">Revision {{ $to }}</th></tr></thead>
        <tbody>
    @foreach($differences as $one)
        <tr>
            <th scope="row">{{ $one->section }}: {{ $one->label }}</th>
            <td class="num">{{ $one->before }}</td>
            <td class="num"><b>{{ $one->after }}</b></td>
        </tr>
    @endforeach
    </tbody></table>@endif
</main></div>
@endsection
