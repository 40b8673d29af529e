/** Signing in and out, new farms, who may do what. */
package nimblefurrow.server.account;
