using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Wire.Drawing;

namespace LooseGraft.Web.Drawing;

/// <summary>A connector with the two probes on it, in pixels.</summary>
public sealed class ProbePicture
{
    private const double PixelsPerContact = 34;
    private const double Room = 150;
    private const double Head = 26;

    /// <summary>Draws a test.</summary>
    public ProbePicture(Port port, ConnectorView view, ProbeTest test)
    {
        (Port, View, Test, Scene) = (port, view, test, ConnectorScene.Of(port, view));
        Scale = PixelsPerContact / Math.Min(port.Pitch.Value, port.RowPitch.Value);
    }

    public Port Port { get; }

    public ConnectorView View { get; }

    public ProbeTest Test { get; }

    public ConnectorScene Scene { get; }

    public double Scale { get; }

    public double BodyX => Room;

    public double BodyY => Head;

    public double BodyWidth => Scene.Body.X * Scale;

    public double BodyHeight => Scene.Body.Y * Scale;

    public double Width => BodyWidth + (2 * Room);

    /// <summary>Room below for the probe that lies on bare metal.</summary>
    public double Height => Head + BodyHeight + (Test.Black is null ? 62 : 14);

    public double Radius => PixelsPerContact * 0.3;

    public (double X, double Y) At(int position)
    {
        var place = Scene.Positions[position - 1];
        return (BodyX + (place.X * Scale), BodyY + (place.Y * Scale));
    }

    /// <summary>Where the red probe comes from: beside its contact, on the nearer side.</summary>
    public (double X, double Y) RedFrom => Beside(Test.Red);

    /// <summary>Where the black probe comes from.</summary>
    public (double X, double Y) BlackFrom => Test.Black is { } black ? Beside(black) : (BodyX - 90, BodyY + BodyHeight + 34);

    /// <summary>Where the black probe ends.</summary>
    public (double X, double Y) BlackAt => Test.Black is { } black ? At(black) : (BodyX + (BodyWidth / 2) - 24, BodyY + BodyHeight + 34);

    /// <summary>On which side of the body a contact lies: −1 left, +1 right.</summary>
    public int SideOf(int position) => Scene.Positions[position - 1].X <= (Scene.Body.X / 2) + 0.001 ? -1 : 1;

    public static string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);

    private (double X, double Y) Beside(int position)
    {
        var (_, y) = At(position);
        return (SideOf(position) < 0 ? BodyX - 80 : BodyX + BodyWidth + 80, y);
    }
}
