@if($pistons !== null)
<h2>Pistons as they go in</h2>
<table class="ledger">
    <thead>
        <tr><th scope="col">Cylinder</th><th scope="col">Piston</th><th scope="col">Clearance</th><th scope="col">Weight</th></tr>
    </thead>
<tbody>
    @foreach($pistons->rows as $row)
        <tr>
            <td class="num">{{ $row['cylinder'] }}</td>
            <td class="num">{{ $row['piston'] }}</td>
            <td class="num">{{ $row['clearance'] }}</td>
            <td class="num">{{ $row['weight'] }}</td>
        </tr>
    @endforeach
</tbody>
</table>
@if($pistons->weights !== '')<p class="mt-2">{{ $pistons->weights }}</p>@endif
@if($pistons->proposed !== [])
<p class="line close my-2">{{ $pistons->proposal }}</p>
@can('measure') @if(! $file->job->is_closed)
<form method="post" action="/jobs/{{ $file->job->tag() }}/judge/pistons" id="assign-pistons" data-plain-form>
    @csrf
    <x-ulid />
    <p class="error" data-form-error role="alert" hidden></p>
    @foreach($pistons->proposed as $cylinder => $piston)
        <input type="hidden" name="piston[{{ $cylinder }}]" value="{{ $piston }}">
    @endforeach
    <button class="button plain">Assign them so</button>
    <span class="soft">a used piston knows its bore: only where they are all to be changed about, and marked</span>
</form>
@endif @endcan
<x-field-error name="piston" />
@endif
@endif
