using System.Runtime.Intrinsics;

namespace JauntyCompass.Core.Marking.Habits;

/// <summary>Products of many likelihoods, each with a power of two beside it, so that it neither vanishes nor overflows.</summary>
internal static class Scaling
{
    // So many answers are multiplied before the product is brought back to size.
    private const int Answers = 8;

    /// <summary>Whether products are to be scaled once an answer has been multiplied in.</summary>
    /// <param name="answer">Which answer, from 0.</param>
    internal static bool IsDueAfter(int answer) => answer % Answers == Answers - 1;

    /// <summary>The largest of some powers of two.</summary>
    internal static int Top(ReadOnlySpan<int> exponents)
    {
        int top = exponents[0];
        foreach (int exponent in exponents)
        {
            top = Math.Max(top, exponent);
        }
        return top;
    }

    /// <summary>Moves the size of each product into its power of two.</summary>
    internal static void Scale(Span<double> products, Span<int> exponents)
    {
        for (int p = 0; p < products.Length; p++)
        {
            int exponent = Math.ILogB(products[p]);
            products[p] = Math.ScaleB(products[p], -exponent);
            exponents[p] += exponent;
        }
    }

    /// <summary>The same of four products at a time, which share a power of two.</summary>
    internal static void Scale(Span<Vector256<double>> products, Span<int> exponents)
    {
        for (int p = 0; p < products.Length; p++)
        {
            Vector256<double> product = products[p];
            double largest = Math.Max(
                Math.Max(product[0], product[1]),
                Math.Max(product[2], product[3])
            );
            int exponent = Math.ILogB(largest);
            products[p] = product * Math.ScaleB(1, -exponent);
            exponents[p] += exponent;
        }
    }
}
